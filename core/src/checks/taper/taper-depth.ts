import { taperSchools } from '../../layout/schools/index.js';
import { differenceInDays, memoizeLast, sum, weekdayOf } from '../../base/index.js';
import { layoutStep } from '../../rules/index.js';
import type { CheckContext, Observation } from '../common/check.js';

/** Days before the race that the last cut of a taper is carried by. */
const LAST_DAYS = 6;

/** Floating-point noise in a share. */
export const NOISE = 1e-9;

export function usualCut({ block }: CheckContext) {
  return taperSchools[block.spec.taper.school].raceWeekCut;
}

/** The cut of race week, and what rounding may make of it. */
interface RaceWeekCut extends Pick<Observation, 'weeks' | 'value'> {
  leeway: number;
}

/**
 * The cut of the six days before the race against the same days of the heaviest
 * week, the long run aside; none where the race comes too soon to judge it.
 */
export const raceWeekCut = memoizeLast(({ block, rules }: CheckContext): RaceWeekCut[] => {
  const { weeks, spec } = block;
  const raceWeek = weeks.at(-1);
  const building = weeks.filter(({ kind, length }) => kind === 'building' && length === 7);
  const heaviest = building.reduce<(typeof weeks)[number] | undefined>(
    (most, week) => (most && most.volume > week.volume ? most : week),
    undefined,
  );
  if (!raceWeek || !heaviest) return [];
  const { basis } = spec.athlete;
  const last = weeks
    .flatMap(({ days }) => days)
    .filter(({ date }) => isLast(differenceInDays(spec.race.date, date)));
  const weekdays = new Set(last.map(({ date }) => weekdayOf(date)));
  const same = heaviest.days.filter(
    ({ date, role }) => role !== 'long' && weekdays.has(weekdayOf(date)),
  );
  const before = sum(same.map((day) => day[basis]));
  if (last.length < LAST_DAYS || before === 0) return [];
  const value = 1 - sum(last.map((day) => day[basis])) / before;
  // Whole steps may take a little more or less than the school says.
  return [{ weeks: [raceWeek.number], value, leeway: layoutStep(spec.athlete, rules) / before }];
});

function isLast(daysOut: number): boolean {
  return daysOut >= 1 && daysOut <= LAST_DAYS;
}
