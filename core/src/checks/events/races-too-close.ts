import { differenceInDays } from '../../base/index.js';
import { raceRules } from '../../rules/index.js';
import { leastDaysApart } from '../../rules/limits/index.js';
import { check, type CheckContext, type Observation } from '../common/check.js';

/**
 * Two races too soon after each other. The goal race after the one before it, by
 * that one's distance: value and limit in weeks. Two races or tests on the way, by the
 * easy days after the first and before the second: `dates` are theirs, value and
 * limit days from one to the other.
 */
export const racesTooClose = check({
  code: 'races-too-close',
  level: 'caution',
  run: (context) => [...afterTheLastGoal(context), ...onTheWay(context)],
});

function afterTheLastGoal({ block: { weeks, spec }, rules }: CheckContext): Observation[] {
  const before = spec.previousRace;
  if (!before) return [];
  const value = Math.floor(differenceInDays(spec.race.date, before.date) / 7);
  const limit = raceRules(rules, before.distance).weeksToNext;
  return value < limit ? [{ weeks: [1, weeks.length], value, limit }] : [];
}

function onTheWay({ block: { weeks, spec }, rules }: CheckContext): Observation[] {
  const races = spec.events
    .filter(({ kind }) => kind === 'tune-up-race' || kind === 'test')
    .sort((one, other) => one.from.localeCompare(other.from));
  return races.slice(1).flatMap((later, index): Observation[] => {
    const earlier = races[index] ?? later;
    const value = differenceInDays(later.from, earlier.from);
    const limit = leastDaysApart(earlier, later, rules);
    if (value >= limit) return [];
    const dates = [earlier.from, later.from];
    const numbers = dates.flatMap(
      (date) => weeks.findLast(({ start }) => start <= date)?.number ?? [],
    );
    return [{ weeks: [...new Set(numbers)], dates, value, limit }];
  });
}
