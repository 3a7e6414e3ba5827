import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';

/** A race, a test or a long run too near a marathon. Value and limit: days before it. */
export const hardEffortNearRace = check({
  code: 'hard-effort-near-race',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    if (spec.race.distance < MARATHON) return [];
    const limit = rules.taper.quietDays;
    const longest = Math.max(...weeks.map(({ longRun }) => longRun));
    const long = longest * rules.longRun.taperShares.twoWeeksOut;
    const near = weeks.filter(({ toGo }) => 7 * toGo <= limit + 6);
    return near.flatMap(({ number, days, longRun }) =>
      days.flatMap(({ date, role }) => {
        const value = differenceInDays(spec.race.date, date);
        const hard = role === 'tune-up' || role === 'test' || (role === 'long' && longRun > long);
        return hard && value > 0 && value < limit ? [{ weeks: [number], value, limit }] : [];
      }),
    );
  },
});

/** Shorter races bear a sharp session in these days. Metres. */
const MARATHON = 42_000;
