import Button from '@mui/material/Button';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatTenthsOf } from '@nadir/core/base/format';
import { exposuresOf, type SessionPaces, startingFamilies } from '@nadir/core/sessions';
import {
  type NamedPace,
  type PhaseKind,
  phaseKinds,
  type Progression,
} from '@nadir/core/spec/choices';
import { useId, useState } from 'react';
import { errorSentence } from '../../api/api.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { UndoOffer } from '../../components/UndoOffer.js';
import { OwnFamily } from './OwnFamily.js';
import { useLibrary } from './useLibrary.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';

/** The coach's sessions and the product's: searched, seen in all their exposures, made one's own. */
export function Library({
  paces,
  table,
  whose,
  unit,
  onTry,
}: {
  paces: SessionPaces;
  table: readonly NamedPace[];
  whose: string;
  unit: Unit;
  onTry: (text: string) => void;
}) {
  const id = useId();
  const editor = useLibrary();
  const [asked, setAsked] = useState('');
  const [phase, setPhase] = useState<PhaseKind | ''>('');
  const [open, setOpen] = useState<string>();
  const all = [...editor.own, ...startingFamilies];
  const found = all.filter(
    (family) => says(family, asked) && (phase === '' || family.phases.includes(phase)),
  );
  return (
    <section aria-label="Library">
      <h2 className="display">Library</h2>
      {typeof editor.state !== 'string' && <ErrorNote>{errorSentence(editor.state)}</ErrorNote>}
      {editor.removed && (
        <UndoOffer
          done={`Removed “${editor.removed.name}” from your own.`}
          onUndo={editor.putBack}
        />
      )}
      <div className="day-choices">
        <label htmlFor={`${id}-search`}>Find</label>
        <input
          id={`${id}-search`}
          className="answer"
          type="search"
          placeholder="name, purpose or tag"
          value={asked}
          onChange={({ target }) => setAsked(target.value)}
        />
        <label htmlFor={`${id}-phase`}>for</label>
        <ChoiceAnswer
          id={`${id}-phase`}
          value={phase}
          choices={[
            ['', 'any phase'] as const,
            ...phaseKinds.map((kind) => [kind, kind.replaceAll('-', ' ')] as const),
          ]}
          onAnswer={setPhase}
        />
        <span role="status">
          {found.length} of {all.length}
          {editor.problems.length > 0 ? ' · not saved yet' : ''}
        </span>
      </div>
      <ul className="library">
        {found.map((family) => {
          const index = editor.own.indexOf(family);
          const isOpen = open === family.id;
          return (
            <li key={family.id}>
              <button
                type="button"
                className="check"
                aria-expanded={isOpen}
                onClick={() => setOpen(isOpen ? undefined : family.id)}
              >
                <span />
                <span>
                  <b>{family.name}</b> {index >= 0 && <i>my own</i>}
                  <span className="purpose">
                    {family.purpose} <i>{family.tags.join(' · ')}</i>
                  </span>
                </span>
              </button>
              {isOpen && (
                <div className="family">
                  {index >= 0 && (
                    <OwnFamily
                      family={family}
                      problem={editor.problems.find(({ path }) => path[0] === index)}
                      table={table}
                      paces={paces}
                      onChange={(part) => editor.set(index, part)}
                      onRemove={() => editor.remove(index)}
                    />
                  )}
                  <Exposures
                    family={family}
                    paces={paces}
                    table={table}
                    whose={whose}
                    unit={unit}
                    onTry={onTry}
                  />
                  <Button variant="outlined" onClick={() => setOpen(editor.add(family))}>
                    make a copy my own
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** All exposures in a row, and what each comes to. */
function Exposures({
  family,
  paces,
  table,
  whose,
  unit,
  onTry,
}: {
  family: Progression;
  paces: SessionPaces;
  table: readonly NamedPace[];
  whose: string;
  unit: Unit;
  onTry: (text: string) => void;
}) {
  const exposures = exposuresOf(family, paces, table);
  return (
    <table className="sheet-table pieces">
      <caption>
        Time after time, at the paces of {whose}; in a block it is sized to what came before.
      </caption>
      <thead>
        <tr>
          <th scope="col">time</th>
          <th scope="col">session</th>
          <th scope="col">hard {unit}</th>
          <th scope="col">hard time</th>
        </tr>
      </thead>
      <tbody>
        {exposures.map(({ shorthand, totals }, index) => (
          <tr key={index}>
            <th scope="row">{index + 1}</th>
            <td>
              <Button variant="outlined" onClick={() => onTry(shorthand)}>
                {shorthand}
              </Button>
            </td>
            <td>{formatTenthsOf(totals.hardDistance, unit)}</td>
            <td>{formatDuration(totals.hardTime)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function says({ name, purpose, tags, start }: Progression, asked: string): boolean {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  const text = [name, purpose, start, ...tags].join(' ').toLowerCase();
  return words.every((word) => text.includes(word));
}
