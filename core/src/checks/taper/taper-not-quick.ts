import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';

/** A race nearer than this leaves its week no room: the last session stands in the week before. */
const LEAST_DAYS = 5;

/** A taper week with nothing quick left in it. Value: quick days; limit: one. */
export const taperNotQuick = check({
  code: 'taper-not-quick',
  level: 'note',
  run({ block: { weeks, spec } }) {
    if (spec.athlete.injured || spec.athlete.oftenHurt) return [];
    const whole = weeks.filter(
      ({ kind, running, start }) =>
        (kind === 'taper' || kind === 'race') &&
        running === 1 &&
        differenceInDays(spec.race.date, start) >= LEAST_DAYS,
    );
    const slow = whole.filter(
      ({ days }) => !days.some(({ quick, role }) => quick || role === 'tune-up' || role === 'test'),
    );
    return slow.map(({ number }) => ({ weeks: [number], value: 0, limit: 1 }));
  },
});
