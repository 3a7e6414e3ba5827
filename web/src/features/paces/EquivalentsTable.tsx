import Tooltip from '@mui/material/Tooltip';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableFooter from '@mui/material/TableFooter';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { formatDuration, formatPace, formatRace, readDistance } from '@nadir/core/base/format';
import { choosePaceModel, toggleDistance } from '@nadir/core/edit/paces';
import { paceModels } from '@nadir/core/paces';
import type { PaceModelName } from '@nadir/core/spec/choices';
import { useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import { RemoveIcon } from '../../theme/icons.js';
import { IconAct } from '../../components/IconAct.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import styles from './Paces.module.css';
import { formatDayAndMonth } from '../../components/dates.js';
import { signedSeconds } from './pace-text.js';
import type { PacesView } from '../../components/usePaces.js';
import * as wording from './wording.js';

/** Every model’s times side by side; one is chosen for the athlete, the others stay to compare. */
export function EquivalentsTable({ view, commands }: { view: PacesView; commands: Commands }) {
  const { spec, models, distances, paces } = view;
  const { unit, paceModel } = spec.athlete;
  const efforts = paces.fitness?.efforts ?? [];
  const choose = (name: PaceModelName) => commands.run(choosePaceModel({ spec }, name));
  const own = new Set(spec.paces.distances);
  return (
    <Table size="small" className={`figures ${styles.table ?? ''}`}>
      <caption className="visually-hidden">{wording.equivalentTimesByModel}</caption>
      <TableHead>
        <TableRow>
          <TableCell scope="col">{wording.equivalents}</TableCell>
          {models.map(({ name, lacking, words }) => {
            const { title, purpose, cost } = paceModels[name];
            return (
              <TableCell key={name} scope="col">
                <Tooltip title={`${purpose} ${cost}`} describeChild>
                  <FormControlLabel
                    label={title}
                    control={
                      <Radio
                        name="pace-model"
                        checked={paceModel === name}
                        onChange={() => choose(name)}
                      />
                    }
                  />
                </Tooltip>
                <small>{lacking ?? words}</small>
              </TableCell>
            );
          })}
        </TableRow>
      </TableHead>
      <TableBody>
        {distances.map((distance, index) => (
          <TableRow key={distance}>
            <TableCell component="th" scope="row">
              {formatRace(distance, unit)}
              {own.has(distance) && (
                <IconAct
                  label={wording.remove(formatRace(distance, unit))}
                  icon={RemoveIcon}
                  onClick={() => commands.run(toggleDistance({ spec }, distance))}
                />
              )}
            </TableCell>
            {models.map(({ name, predictions }) => {
              const found = predictions[index];
              const beyond = found !== undefined && !found.holds;
              return (
                <TableCell key={name} data-chosen={name === paceModel} data-beyond={beyond}>
                  {found ? (
                    <Tooltip describeChild title={formatPace((found.time / distance) * 1000, unit)}>
                      <span>{formatDuration(found.time)}</span>
                    </Tooltip>
                  ) : (
                    '–'
                  )}
                  {beyond && (
                    <>
                      <span aria-hidden="true"> ?</span>
                      <span className="visually-hidden">{wording.beyondWhereThisModelHolds}</span>
                    </>
                  )}
                </TableCell>
              );
            })}
          </TableRow>
        ))}
      </TableBody>
      <TableFooter>
        {efforts.map((effort, index) => (
          <TableRow key={`${effort.date} ${effort.distance}`}>
            <TableCell component="th" scope="row">
              {wording.residual(formatRace(effort.distance, unit), formatDayAndMonth(effort.date))}
            </TableCell>
            {models.map(({ name, residuals }) => {
              const left = residuals[index];
              return (
                <TableCell key={name}>{left === undefined ? '–' : signedSeconds(left)}</TableCell>
              );
            })}
          </TableRow>
        ))}
        <TableRow>
          <TableCell colSpan={models.length + 1} className={`${styles.note ?? ''} muted`}>
            <OwnDistance view={view} commands={commands} />
            {wording.aMarksWhereAModel}
          </TableCell>
        </TableRow>
      </TableFooter>
    </Table>
  );
}

function OwnDistance({ view: { spec }, commands }: { view: PacesView; commands: Commands }) {
  const [typed, setTyped] = useState('');
  const read = readDistance(typed, spec.athlete.unit);
  const problem = typed.trim() === '' || read.ok ? undefined : read.problem;
  return (
    <form
      className={styles.inline}
      onSubmit={(event) => {
        event.preventDefault();
        if (!read.ok) return;
        const isNew = !spec.paces.distances.includes(read.value);
        if (isNew) commands.run(toggleDistance({ spec }, read.value));
        setTyped('');
      }}
    >
      <TextAnswer
        key={spec.paces.distances.length}
        label={wording.ownDistance}
        width={130}
        placeholder={wording.ownDistance}
        value={typed}
        given
        wrong={problem !== undefined}
        onAnswer={setTyped}
      />{' '}
      <Button type="submit" variant="outlined" disabled={!read.ok}>
        {wording.add}
      </Button>{' '}
      {problem && (
        <span className="small grave" role="alert">
          {problem}{' '}
        </span>
      )}
    </form>
  );
}
