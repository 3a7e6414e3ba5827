import { type CivilDate, addDays } from '../../base/index.js';
import type { Day } from '../block/day.js';
import type { Week } from '../block/week.js';

/** What a week was when one of its days was handed out. */
export type WeekThen = Pick<
  Week,
  | 'kind'
  | 'phase'
  | 'recovery'
  | 'recoveryDue'
  | 'volume'
  | 'volumeRule'
  | 'longRun'
  | 'longRunRule'
  | 'segment'
  | 'taperShare'
  | 'running'
>;

/** The plan of a day as it was handed out, with what its week was then. */
export interface HandedOut {
  day: Day;
  week: WeekThen;
}

/** The days that are no longer laid out, but taken as they were handed out. */
export interface Past {
  /** The first day that is laid out; undefined where none is taken from the past. */
  asOf: CivilDate | undefined;
  on: (date: CivilDate) => HandedOut | undefined;
}

export const noPast: Past = { asOf: undefined, on: () => undefined };

/** The past before `asOf`; days that were never handed out are laid out like those to come. */
export function pastOf(history: readonly HandedOut[], asOf: CivilDate | undefined): Past {
  const over = history.filter(({ day }) => asOf !== undefined && day.date < asOf);
  // Of a block that has not begun nothing is taken: it is laid out once, not twice.
  if (over.length === 0) return noPast;
  const days = new Map(over.map((each) => [each.day.date, each]));
  return { asOf, on: (date) => days.get(date) };
}

/** The days of a week that was handed out whole and is over; undefined while it is not. */
export function weekOfPast(
  { asOf, on }: Past,
  { start, length }: Pick<Week, 'start' | 'length'>,
): HandedOut[] | undefined {
  if (asOf === undefined || addDays(start, length) > asOf) return undefined;
  const days = datesOf({ start, length }).flatMap((date) => on(date) ?? []);
  return days.length === length ? days : undefined;
}

export function datesOf({ start, length }: Pick<Week, 'start' | 'length'>): CivilDate[] {
  return Array.from({ length }, (_, day) => addDays(start, day));
}

/** What is kept of a laid-out week with each of its days. */
export function weekThen(week: Week): WeekThen {
  const { kind, phase, recovery, recoveryDue, taperShare, running, segment } = week;
  const { volume, volumeRule, longRun, longRunRule } = week;
  return {
    kind,
    phase,
    recovery,
    recoveryDue,
    volume,
    volumeRule,
    longRun,
    longRunRule,
    segment,
    taperShare,
    running,
  };
}
