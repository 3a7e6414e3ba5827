import { type CivilDate, addDays, startOfWeek } from '../base/index.js';
import { dayWords } from '../base/format/index.js';
import type { Issue, Pin, ResolvedSpec } from '../spec/index.js';

/** What of a spec is written week by week and day by day. */
type Written = Pick<ResolvedSpec, 'pins' | 'days' | 'start' | 'weekStartsOn'>;

/**
 * What a change would write of weeks and days that are over, and were handed
 * out: they stay as they were, so it is refused rather than kept unseen.
 *
 * @param over dates that were handed out
 */
export function issuesOfPast(
  before: Written,
  after: Written,
  over: ReadonlySet<CivilDate>,
): Issue[] {
  if (over.size === 0) return [];
  const week = changed(pinsByWeek(before), pinsByWeek(after)).find((date) =>
    sevenDaysFrom(date).every((day) => over.has(day)),
  );
  const day = changed(daysByDate(before), daysByDate(after)).find((date) => over.has(date));
  const what = week !== undefined ? `The week of ${dayWords(week)}` : day && dayWords(day);
  if (what === undefined || what === '') return [];
  const message = `${what} is over: it stays as it was handed out. To change it, open its week and choose “Change the past”.`;
  return [{ code: 'is-over', path: [], message }];
}

function pinsByWeek({ pins, start, weekStartsOn }: Written): Map<CivilDate, string> {
  const first = startOfWeek(start, weekStartsOn);
  const written = ({ volume, longRun }: Pin) => JSON.stringify([volume, longRun]);
  return new Map(pins.map((pin) => [addDays(first, 7 * (pin.week - 1)), written(pin)]));
}

function daysByDate({ days }: Written): Map<CivilDate, string> {
  return new Map(days.map((day) => [day.date, JSON.stringify(day, Object.keys(day).sort())]));
}

/** Keys whose values differ between two maps, or stand in one alone. */
function changed(
  one: ReadonlyMap<string, string>,
  other: ReadonlyMap<string, string>,
): CivilDate[] {
  return [...new Set([...one.keys(), ...other.keys()])].filter(
    (key) => one.get(key) !== other.get(key),
  );
}

function sevenDaysFrom(date: CivilDate): CivilDate[] {
  return Array.from({ length: 7 }, (_, day) => addDays(date, day));
}
