import { raceClass } from '../rules/race-class.js';
import type { Check } from './finding.js';

/** Fewer weeks than the distance needs. Value and limit: weeks. */
export const blockTooShort = {
  code: 'block-too-short',
  level: 'caution',
  run({ block: { wishes } }) {
    const limit = raceClass(wishes.race.distance).blockWeeks.least;
    return wishes.weeks < limit ? [{ weeks: [1], value: wishes.weeks, limit }] : [];
  },
} as const satisfies Check;

/** More weeks than the distance bears before it drags on. Value and limit: weeks. */
export const blockTooLong = {
  code: 'block-too-long',
  level: 'note',
  run({ block: { wishes } }) {
    const limit = raceClass(wishes.race.distance).blockWeeks.most;
    return wishes.weeks > limit ? [{ weeks: [1], value: wishes.weeks, limit }] : [];
  },
} as const satisfies Check;
