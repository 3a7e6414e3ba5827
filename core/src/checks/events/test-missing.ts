import { eventCharacters } from '../../spec/days/index.js';
import { addDays, differenceInDays } from '../../base/index.js';
import { check, type CheckContext } from '../common/check.js';

/** Weeks of the block that go by without a test or a race. Value and limit: weeks. */
export const testMissing = check({
  code: 'test-missing',
  level: 'note',
  run(context) {
    const { weeks, spec } = context.block;
    // Who is not to run hard is not tested.
    if (spec.athlete.injured || spec.athlete.oftenHurt) return [];
    const limit = context.rules.paces.weeksToTest;
    const { from, to, value } = longestWithout(context);
    if (value <= limit) return [];
    const within = weeks.filter(({ start, length }) => start < to && addDays(start, length) > from);
    return [{ weeks: within.map(({ number }) => number), value, limit }];
  },
});

/** The longest stretch between the start, tests and races, and the goal. */
export function longestWithout({ block: { spec } }: CheckContext) {
  const { start, race, events, athlete } = spec;
  const placed = events
    .filter(({ kind, form }) => eventCharacters[kind].isRace && form !== 'goal-pace')
    .map(({ from }) => from);
  // What was run without having been placed tells as much.
  const run = athlete.results.filter(({ full }) => full !== false).map(({ date }) => date);
  const tested = [...placed, ...run].filter((day) => day > start && day < race.date);
  const days = [start, ...tested, race.date].sort();
  const stretches = days.slice(1).map((to, index) => {
    const from = days[index] ?? to;
    return { from, to, value: Math.floor(differenceInDays(to, from) / 7) };
  });
  return stretches.reduce((longest, next) => (next.value > longest.value ? next : longest));
}
