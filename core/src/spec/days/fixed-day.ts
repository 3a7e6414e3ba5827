import type { CivilDate } from '../../base/index.js';
import type { CrossKind } from '../../rules/index.js';
import type { Swap } from './swap.js';
import type { AddOn, PatternRole, Works } from './pattern-day.js';

/** What the coach fixed of one day; the rest of its week is dealt around it. */
export interface FixedDay extends Works {
  date: CivilDate;
  role?: PatternRole | undefined;
  /** Running of the day, m or s as the block counts; kept exactly. */
  amount?: number | undefined;
  /** Of that amount, what is run in the first of two runs. */
  firstRun?: number | undefined;
  /** A session in shorthand instead of what would stand here; paces by their ids. */
  session?: string | undefined;
  /** What is run beside that session. */
  otherRun?: OtherRun | undefined;
  /** True where the sessions of its family that come later grow from this one. */
  follow?: boolean | undefined;
  swap?: Swap | undefined;
  double?: boolean | undefined;
  addOn?: AddOn | 'nothing' | undefined;
  /** Of a cross-training day; its session is done there too. */
  cross?: CrossKind | undefined;
  /** Seconds of a cross-training day; as long as its session, else the house rule’s when left out. */
  crossTime?: number | undefined;
}

/** The run of a day that its session is not: easy and so long, or a second session. */
export interface OtherRun {
  /** m or s, as the block counts; a session left without it is as long as it is written. */
  amount?: number | undefined;
  /** A session in shorthand; paces by their ids. */
  session?: string | undefined;
  /** True where it is run before the session. */
  first: boolean;
}

/** The wish of a date, or an empty one. */
export function fixedDayOf(days: readonly FixedDay[], date: CivilDate): FixedDay {
  return days.find((day) => day.date === date) ?? { date };
}

/** The spec with one day's changed; a wish that asks nothing is dropped. In order of dates. */
export function withFixedDay(
  days: readonly FixedDay[],
  date: CivilDate,
  part: Partial<FixedDay>,
): FixedDay[] {
  const whole = { ...fixedDayOf(days, date), ...part, date };
  const isSplit = whole.session === undefined && (whole.firstRun ?? Infinity) < (whole.amount ?? 0);
  const isTwice = whole.session !== undefined && whole.double !== false && leavesRoom(whole);
  const wish = {
    ...whole,
    firstRun: isSplit ? whole.firstRun : undefined,
    otherRun: isTwice ? whole.otherRun : undefined,
  };
  const { date: _, ...asked } = wish;
  const asks = Object.values<unknown>(asked).some((value) => value !== undefined);
  const others = days.filter((day) => day.date !== date);
  return (asks ? [...others, wish] : others).sort((a, b) => a.date.localeCompare(b.date));
}

/** Whether a fixed length of the whole day, where there is one, leaves the session room beside the other run. */
export function leavesRoom({ amount, otherRun }: Omit<FixedDay, 'date'>): boolean {
  return amount === undefined || otherRun === undefined || (otherRun.amount ?? Infinity) < amount;
}

/** The sessions that the coach wrote for a day, in shorthand. */
export function writtenOf({ session, otherRun }: Omit<FixedDay, 'date'>): string[] {
  return [session, otherRun?.session].filter((text) => text !== undefined);
}
