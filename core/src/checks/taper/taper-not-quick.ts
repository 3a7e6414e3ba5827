import { check } from '../common/check.js';

/** A taper week with nothing quick left in it. Value: quick days; limit: one. */
export const taperNotQuick = check({
  code: 'taper-not-quick',
  level: 'note',
  run({ block: { weeks, spec } }) {
    if (spec.athlete.injured) return [];
    const slow = weeks.filter(
      ({ kind, running, days }) =>
        (kind === 'taper' || kind === 'race') &&
        running === 1 &&
        !days.some(({ quick, role }) => quick || role === 'tune-up' || role === 'test'),
    );
    if (slow.length === 0) return [];
    return [{ weeks: slow.map(({ number }) => number), value: 0, limit: 1 }];
  },
});
