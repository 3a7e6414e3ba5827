import { check } from '../common/check.js';

/** More of a week hard than it bears. Value and limit: part of the week. */
export const tooMuchHard = check({
  code: 'too-much-hard',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.sessions.mostOfWeek;
    return weeks.flatMap(({ number, kind, hardDistance, distance }) => {
      const value = distance > 0 ? hardDistance / distance : 0;
      return kind !== 'race' && value > limit + 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
