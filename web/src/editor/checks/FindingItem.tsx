import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { ToldFinding } from '@nadir/core/present';
import type { KeyboardEvent } from 'react';
import { MeasureBar } from '../../drawing/MeasureBar.js';
import { WeekSquares } from '../../drawing/WeekSquares.js';
import styles from './Checks.module.css';
import { LevelMark } from '../../components/LevelMark.js';
import { Mending, fixCommand, useFixes } from './Mending.js';
import type { Commands } from '../useCommands.js';
import * as wording from '../wording.js';

/** One finding, its measure and its first fix; opened, every way to fix it or to let it stand. */
export function FindingItem({
  finding,
  block,
  coming,
  measure,
  today,
  commands,
  open,
  onOpen,
  onLight,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  /** The weeks to come. */
  coming: { from: number; to: number } | undefined;
  measure: Measure;
  today: string;
  commands: Commands;
  open: boolean;
  onOpen: () => void;
  onLight: (weeks: readonly number[], dates?: readonly string[]) => void;
}) {
  const { weeks, dates, level, title, message, measured, past, waived, reopened } = finding;
  const fixesOf = useFixes({ block, measure, today });

  /** One key fixes: the first fix, as it stands in the list. */
  function onKeyDown(event: KeyboardEvent) {
    if (event.key !== 'm' || event.ctrlKey || event.metaKey || event.altKey) return;
    const [first] = fixesOf(finding);
    if (first) commands.run(fixCommand(finding, first));
  }

  const isOpen = open || (waived === undefined && !past);
  return (
    <li className={styles.finding}>
      <button
        type="button"
        className={styles.head}
        aria-expanded={open}
        aria-keyshortcuts="m"
        onFocus={() => onLight(weeks, dates)}
        onMouseEnter={() => onLight(weeks, dates)}
        onBlur={() => onLight([])}
        onMouseLeave={() => onLight([])}
        onClick={onOpen}
        onKeyDown={onKeyDown}
      >
        <LevelMark level={level} />
        <span>
          <b>{title}</b>
          <span className={styles.level} data-grave={level !== 'note'}>
            {level}
            {!NAMES_ITS_WEEKS.test(message) && `, ${weekWords(weeks)}`}
            {waived !== undefined && wording.waivedWithin(waived)}
            {reopened !== undefined && wording.worseSinceYouWaivedIt(reopened)}
          </span>
          <span className={styles.said}>{message}</span>
        </span>
      </button>
      {!past && (
        <div className={styles.measure}>
          {measured ? (
            <MeasureBar {...measured} />
          ) : (
            coming && weeks.length > 0 && <WeekSquares {...coming} found={weeks} />
          )}
        </div>
      )}
      {isOpen && (
        <Mending
          finding={finding}
          block={block}
          fixesOf={fixesOf}
          commands={commands}
          all={open}
          onAll={onOpen}
        />
      )}
    </li>
  );
}

/** A sentence that begins with its weeks. */
const NAMES_ITS_WEEKS = /^Weeks? \d/;

/** `[3]` → `week 3`; `[3, 4, 5]` → `weeks 3–5`; `[3, 5]` → `weeks 3, 5`; many → the ends. */
function weekWords(weeks: readonly number[]): string {
  const first = weeks[0];
  const last = weeks.at(-1);
  if (first === undefined) return wording.theBlock;
  if (first === last) return wording.weekWithin(first);
  const unbroken = Number(last) - first === weeks.length - 1;
  return unbroken || weeks.length > 5 ? `weeks ${first}–${last}` : wording.weeks(weeks.join(', '));
}
