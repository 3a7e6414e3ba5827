import { differenceInDays } from '../../base/civil-date.js';
import type { Check } from '../common/check.js';
import { unpin, withoutEvents } from '../../edit/fixes/week-fixes.js';

/** Shorter races bear a sharp session in these days. Metres. */
const MARATHON = 42_000;

/** A race, a test or a long run too near a marathon. Value and limit: days before it. */
export const hardEffortNearRace = {
  code: 'hard-effort-near-race',
  level: 'caution',
  run({ block: { weeks, wishes }, rules }) {
    if (wishes.race.distance < MARATHON) return [];
    const limit = rules.taper.quietDays;
    const longest = Math.max(...weeks.map(({ longRun }) => longRun));
    const long = longest * rules.longRun.taperShares.twoWeeksOut;
    const near = weeks.filter(({ toGo }) => 7 * toGo <= limit + 6);
    return near.flatMap(({ number, days, longRun }) =>
      days.flatMap(({ date, role }) => {
        const value = differenceInDays(wishes.race.date, date);
        const hard = role === 'tune-up' || role === 'test' || (role === 'long' && longRun > long);
        return hard && value > 0 && value < limit ? [{ weeks: [number], value, limit }] : [];
      }),
    );
  },
  fixes({ weeks: [week = 1] }, context) {
    const { race } = context.block.wishes;
    return [
      ...unpin(context, week, 'longRun'),
      ...withoutEvents(
        context,
        ({ kind, from }) =>
          (kind === 'tune-up-race' || kind === 'test') &&
          differenceInDays(race.date, from) < context.rules.taper.quietDays,
      ),
    ];
  },
} as const satisfies Check;
