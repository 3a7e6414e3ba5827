import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { ToldFinding } from '@nadir/core/present';
import type { KeyboardEvent } from 'react';
import { token } from '../../theme/tokens.js';
import { LevelMark } from '../../components/LevelMark.js';
import { Mending, fixCommand, useFixes } from './Mending.js';
import type { Commands } from '../useCommands.js';

/** One finding; opened, with the ways to mend it or to let it stand. */
export function FindingItem({
  finding,
  block,
  measure,
  today,
  commands,
  open,
  onOpen,
  onLight,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  measure: Measure;
  today: string;
  commands: Commands;
  open: boolean;
  onOpen: () => void;
  onLight: (weeks: readonly number[], dates?: readonly string[]) => void;
}) {
  const { weeks, dates, level, title, message, waived, reopened } = finding;
  const fixesOf = useFixes({ block, measure, today });

  /** One key mends: the first fix, as it stands in the list. */
  function onKeyDown(event: KeyboardEvent) {
    if (event.key !== 'm' || event.ctrlKey || event.metaKey || event.altKey) return;
    const [first] = fixesOf(finding);
    if (first) commands.run(fixCommand(finding, first));
  }

  return (
    <li>
      <button
        type="button"
        className="check"
        aria-expanded={open}
        aria-keyshortcuts="m"
        onFocus={() => onLight(weeks, dates)}
        onMouseEnter={() => onLight(weeks, dates)}
        onBlur={() => onLight([])}
        onMouseLeave={() => onLight([])}
        onClick={onOpen}
        onKeyDown={onKeyDown}
      >
        <span style={{ paddingTop: 2 }}>
          <LevelMark level={level} />
        </span>
        <span>
          <b style={{ fontWeight: 600 }}>{title}</b>
          <span
            style={{
              display: 'block',
              fontSize: 12.5,
              color: token(level === 'note' ? 'muted' : 'signal'),
            }}
          >
            {level}
            {!NAMES_ITS_WEEKS.test(message) && ` · ${weekWords(weeks)}`}
            {waived !== undefined && ` · waived: ${waived}`}
            {reopened !== undefined && ` · worse since you waived it: ${reopened}`}
          </span>
          <span style={{ display: 'block', fontSize: 13 }}>{message}</span>
        </span>
      </button>
      {open && <Mending finding={finding} block={block} fixesOf={fixesOf} commands={commands} />}
    </li>
  );
}

/** A sentence that begins with its weeks. */
const NAMES_ITS_WEEKS = /^Weeks? \d/;

/** `[3]` → `week 3`; `[3, 4, 5]` → `weeks 3–5`; `[3, 5]` → `weeks 3, 5`; many → the ends. */
function weekWords(weeks: readonly number[]): string {
  const first = weeks[0];
  const last = weeks.at(-1);
  if (first === undefined) return 'the block';
  if (first === last) return `week ${first}`;
  const unbroken = Number(last) - first === weeks.length - 1;
  return unbroken || weeks.length > 5 ? `weeks ${first}–${last}` : `weeks ${weeks.join(', ')}`;
}
