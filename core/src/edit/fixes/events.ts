import { addDays, differenceInDays } from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import { type CheckContext, late, longestWithout, nearRace } from '../../checks/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { freeDays, restOn } from './by-day.js';
import { unpin, withoutEvents } from './by-week.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on races, tests and days away. */
export const eventsFixes = {
  'hard-effort-near-race': ({ weeks: [week = 1], dates = [] }, context) => {
    const { race } = context.block.spec;
    return [
      ...restOn(context, dates),
      ...freeDays(context, [week], ['session', 'amount', 'role']),
      ...unpin(context, week, 'longRun'),
      ...withoutEvents(
        context,
        ({ kind, from }) =>
          (kind === 'tune-up-race' || kind === 'test') &&
          differenceInDays(race.date, from) < context.rules.taper.quietDays,
      ),
    ];
  },
  'races-too-close': ({ dates = [] }, context) =>
    dates.flatMap((date) => {
      const on = context.block.spec.events.filter(({ from }) => from === date);
      // Of a race and a test on one day the race is the one that stands too close.
      const kind = on.some((each) => each.kind === 'tune-up-race') ? 'tune-up-race' : 'test';
      return withoutEvents(context, (event) => event.kind === kind && event.from === date);
    }),
  'test-missing': (_, context) => {
    const one = testWithin(context);
    // A long block wants two.
    const two = testWithin(withEvents(context, [one]));
    return [[one], [one, two].sort((a, b) => a.from.localeCompare(b.from))].map((tests) => ({
      label: `Place ${tests.length === 1 ? 'a test' : 'tests'} on ${tests.map(({ from }) => dayWords(from)).join(' and ')}`,
      change: { events: [...context.block.spec.events, ...tests] },
    }));
  },
  'test-too-late': ({ value }, context) => {
    const found = late(context).filter((each) => each.value === value);
    return withoutEvents(context, (event) => found.some((each) => each.event === event));
  },
  'tune-up-near-race': ({ value }, context) => {
    const near = nearRace(context).filter((each) => each.value === value);
    return withoutEvents(context, (event) => near.some((each) => each.event === event));
  },
} satisfies FixesByCheck;

/** A test in the longest time without one: at the end of a recovery week, when the legs are rested, else in the middle. */
function testWithin(context: CheckContext) {
  const { spec, weeks } = context.block;
  const { from, to } = longestWithout(context);
  const middle = addDays(from, Math.floor(differenceInDays(to, from) / 2));
  const away = (date: string) => Math.abs(differenceInDays(date, middle));
  const rested = weeks
    .filter(({ recovery, start }) => recovery && start > from && addDays(start, 6) < to)
    .map(({ start }) => addDays(start, 5))
    .sort((a, b) => away(a) - away(b))[0];
  const distance = spec.race.distance >= 10_000 ? 5000 : spec.race.distance >= 3000 ? 3000 : 1500;
  return { kind: 'test' as const, name: 'Time trial', from: rested ?? middle, distance };
}

function withEvents(
  { block, ...context }: CheckContext,
  more: ResolvedSpec['events'],
): CheckContext {
  const spec = { ...block.spec, events: [...block.spec.events, ...more] };
  return { ...context, block: { ...block, spec } };
}
