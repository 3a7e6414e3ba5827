import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { UntakenCell } from '@nadir/core/edit/sheet';
import { useState } from 'react';
import styles from './ImportPlan.module.css';
import * as wording from './wording.js';

/** Texts that are told one by one. */
const MOST_TOLD = 8;

/** What could not be read of a plan: each text once, to be written anew where it stands or as it is suggested. */
export function UnreadCells({
  table,
  untaken,
  onMend,
}: {
  table: readonly (readonly string[])[];
  untaken: readonly UntakenCell[];
  /** Writes another text wherever one stands. */
  onMend: (text: string, by: string) => void;
}) {
  const counts = countsIn(table);
  const told = [...new Map(untaken.map((each) => [each.text.trim(), each])).values()];
  const mendable = told.filter(({ suggestion }) => suggestion !== undefined);
  return (
    <ul className={styles.unread} aria-label={wording.cellsThatCouldNotBeRead}>
      {mendable.length > 1 && (
        <li>
          <Button
            variant="outlined"
            onClick={() =>
              mendable.forEach(({ text, suggestion = text }) => onMend(text.trim(), suggestion))
            }
          >
            {wording.useAllSuggestions(mendable.length)}
          </Button>
        </li>
      )}
      {told.slice(0, MOST_TOLD).map(({ text, problem, suggestion }) => {
        const written = text.trim();
        const cells = counts.get(written) ?? 0;
        return (
          <li key={written}>
            <WrittenAnew text={written} onMend={onMend} />
            {cells > 1 && <span className="small muted">{wording.inCells(cells)}</span>}
            {suggestion === undefined ? (
              <span className={`small grave ${styles.problem ?? ''}`}>{problem}</span>
            ) : (
              <Button onClick={() => onMend(written, suggestion)}>{wording.use(suggestion)}</Button>
            )}
          </li>
        );
      })}
      {told.length > MOST_TOLD && (
        <li className="small muted">{wording.andMore(told.length - MOST_TOLD)}</li>
      )}
    </ul>
  );
}

/** A text as it stands in the plan. Enter or leaving it writes it anew, Escape leaves it as it was. */
function WrittenAnew({
  text,
  onMend,
}: {
  text: string;
  onMend: (text: string, by: string) => void;
}) {
  const [typed, setTyped] = useState(text);
  const write = () => {
    if (typed.trim() !== text) onMend(text, typed.trim());
  };
  return (
    <OutlinedInput
      size="small"
      error
      value={typed}
      autoComplete="off"
      className={styles.anew}
      slotProps={{ input: { 'aria-label': wording.writeAnew(text) } }}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={write}
      onKeyDown={({ key }) => {
        if (key === 'Enter') write();
        if (key === 'Escape') setTyped(text);
      }}
    />
  );
}

/** How many cells of a table hold each text. */
function countsIn(table: readonly (readonly string[])[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const text of table.flat().map((cell) => cell.trim())) {
    counts.set(text, (counts.get(text) ?? 0) + 1);
  }
  return counts;
}
