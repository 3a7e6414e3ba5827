import { GAVE_WAY } from '../room-for-event.js';
import type { CivilDate, Measure } from '../../base/index.js';
import { dayWords, plural } from '../../base/format/index.js';
import type { Block } from '../../layout/block/index.js';
import { type Command, weekWords } from '../index.js';
import type { CommandOrNot } from '../week/index.js';
import type { WrittenCell } from './cells.js';
import { racesAmong, withRaces } from './race-cells.js';
import { Taking } from './taking.js';

/** A cell that could not be taken: which, why, and what may have been meant. */
export interface UntakenCell extends WrittenCell {
  problem: string;
  suggestion?: string | undefined;
}

/** What was written in a sheet: one change of all that was read, and what was not. */
export interface SheetWriting {
  /** Undefined where nothing was read. */
  command: Command | undefined;
  taken: number;
  untaken: UntakenCell[];
}

/** What gives way where a day is written: the other days, or the volume of its week. */
export type GivesWay = 'days' | 'volume';

/** How cells are taken. */
export interface Writing {
  /**
   * The other days, dealt out anew within the week's volume; or the volume, which is then
   * the sum of its days, each fixed as it stands, unless a figure of its own is written.
   */
  givesWay?: GivesWay;
  /** Dates that are over, and stay as they were handed out. */
  over?: ReadonlySet<CivilDate>;
}

/**
 * Takes what is written in cells of the sheet, from left to right and top to
 * bottom, as one change. A race or time trial that stands alone in a day is one of
 * the block’s. Cells that cannot be read are left as they are, and said.
 *
 * @param measure the one the sheet shows
 */
export function writeCells(
  block: Block,
  written: readonly WrittenCell[],
  measure: Measure,
  { givesWay = 'days', over = NONE }: Writing = {},
): SheetWriting {
  const races = racesAmong(block, written, over);
  const { raced, gaveWay } = withRaces(block, races);
  const taking = new Taking(raced, measure, over);
  const dates = new Set(races.map(({ from }) => from));
  const plain = written.filter(({ cell }) => cell.kind !== 'day' || !dates.has(cell.date));
  const untaken = plain.flatMap((each): UntakenCell[] => {
    const found = taking.take(each);
    return found.ok ? [] : [{ ...each, problem: found.problem, suggestion: found.suggestion }];
  });
  if (givesWay === 'volume') taking.sumWeeks(dates);
  const taken = written.length - untaken.length;
  if (taken === 0) return { command: undefined, taken, untaken };
  const change = taking.change();
  const { events } = raced.spec;
  return {
    command: {
      change: races.length > 0 ? { ...change, events } : change,
      message: `${messageOf(written, taken)}${gaveWay ? GAVE_WAY : ''}`,
    },
    taken,
    untaken,
  };
}

/** One day as it is typed on itself; why not, where it cannot be taken. */
export function writeDay(
  block: Block,
  date: CivilDate,
  text: string,
  measure: Measure,
): CommandOrNot {
  const { command, untaken } = writeCells(block, [{ cell: { kind: 'day', date }, text }], measure);
  return command ?? untaken[0]?.problem ?? '';
}

const NONE: ReadonlySet<CivilDate> = new Set();

function messageOf(written: readonly WrittenCell[], taken: number): string {
  const only = written.length === 1 ? written[0] : undefined;
  if (!only) return `Wrote ${plural(taken, 'cell')} of the sheet.`;
  const { cell, text } = only;
  const where =
    cell.kind === 'day'
      ? dayWords(cell.date)
      : `${weekWords([cell.week])}${cell.kind === 'longRun' ? '’s long run' : ''}`;
  return text.trim() === ''
    ? `Freed ${where}.`
    : `Wrote “${text.trim().slice(0, 60)}” for ${where}.`;
}
