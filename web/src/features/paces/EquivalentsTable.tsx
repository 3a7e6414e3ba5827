import Button from '@mui/material/Button';
import { formatDuration, formatPace, formatRace } from '@nadir/core/base/format';
import { choosePaceModel, toggleDistance } from '@nadir/core/edit/paces';
import { paceModels } from '@nadir/core/paces';
import type { PaceModelName } from '@nadir/core/spec/choices';
import { useId, useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import { token } from '../../theme/tokens.js';
import { formatDayAndMonth } from '../../components/dates.js';
import { signedSeconds } from './pace-text.js';
import type { PacesView } from '../../components/usePaces.js';

/** Every model’s times side by side; one is chosen for the athlete, the others stay to compare. */
export function EquivalentsTable({ view, commands }: { view: PacesView; commands: Commands }) {
  const { spec, models, distances, paces } = view;
  const { unit, paceModel } = spec.athlete;
  const efforts = paces.fitness?.efforts ?? [];
  const choose = (name: PaceModelName) => commands.run(choosePaceModel({ spec }, name));
  const own = new Set(spec.paces.distances);
  return (
    <table className="paces-table equivalents">
      <caption className="visually-hidden">Equivalent times by model</caption>
      <thead>
        <tr>
          <th scope="col">Equivalents</th>
          {models.map(({ name, lacking, words }) => {
            const { title, purpose, cost } = paceModels[name];
            return (
              <th key={name} scope="col" title={`${purpose} ${cost}`}>
                <label>
                  <input
                    type="radio"
                    name="pace-model"
                    checked={paceModel === name}
                    onChange={() => choose(name)}
                  />{' '}
                  {title}
                </label>
                <small>{lacking ?? words}</small>
              </th>
            );
          })}
        </tr>
      </thead>
      <tbody>
        {distances.map((distance, index) => (
          <tr key={distance}>
            <th scope="row">
              {formatRace(distance, unit)}
              {own.has(distance) && (
                <Button
                  aria-label={`Remove ${formatRace(distance, unit)}`}
                  onClick={() => commands.run(toggleDistance({ spec }, distance))}
                >
                  ×
                </Button>
              )}
            </th>
            {models.map(({ name, predictions }) => {
              const found = predictions[index];
              const beyond = found !== undefined && !found.holds;
              return (
                <td
                  key={name}
                  className={`${name === paceModel ? 'chosen' : ''} ${beyond ? 'beyond' : ''}`}
                  title={
                    found &&
                    `${formatPace((found.time / distance) * 1000, unit)}${beyond ? '; beyond where this model is known to hold' : ''}`
                  }
                >
                  {found ? formatDuration(found.time) : '–'}
                  {beyond && (
                    <>
                      <span aria-hidden="true"> ?</span>
                      <span className="visually-hidden">, beyond where this model holds</span>
                    </>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
      <tfoot>
        {efforts.map((effort, index) => (
          <tr key={`${effort.date} ${effort.distance}`}>
            <th scope="row">
              left over, {formatRace(effort.distance, unit)} {formatDayAndMonth(effort.date)}
            </th>
            {models.map(({ name, residuals }) => {
              const left = residuals[index];
              return <td key={name}>{left === undefined ? '–' : signedSeconds(left)}</td>;
            })}
          </tr>
        ))}
        <tr>
          <td colSpan={models.length + 1} style={{ color: token('muted') }}>
            <OwnDistance view={view} commands={commands} /> A “?” stands where a model is not known
            to hold. Left over: what a result took over the model.
          </td>
        </tr>
      </tfoot>
    </table>
  );
}

function OwnDistance({ view: { spec }, commands }: { view: PacesView; commands: Commands }) {
  const [typed, setTyped] = useState('');
  const id = useId();
  const metres = Number(typed.trim());
  const good = Number.isFinite(metres) && metres >= 400 && metres <= 100_000;
  return (
    <form
      style={{ display: 'inline' }}
      onSubmit={(event) => {
        event.preventDefault();
        if (!good) return;
        if (!spec.paces.distances.includes(metres)) commands.run(toggleDistance({ spec }, metres));
        setTyped('');
      }}
    >
      <label htmlFor={id}>Own distance, m</label>{' '}
      <input
        id={id}
        className="answer"
        inputMode="numeric"
        style={{ width: 58, height: 20 }}
        value={typed}
        aria-invalid={typed !== '' && !good}
        onChange={({ target }) => setTyped(target.value)}
      />{' '}
      <Button type="submit" variant="outlined" disabled={!good} title="400 to 100 000 m">
        Add
      </Button>{' '}
    </form>
  );
}
