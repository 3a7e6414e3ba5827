import { raceRules } from '../../rules/house-rules.js';
import type { Check } from '../common/check.js';
import { lengthen } from '../../edit/fixes/week-fixes.js';

/** Fewer weeks than the distance needs. Value and limit: weeks. */
export const blockTooShort = {
  code: 'block-too-short',
  level: 'caution',
  run({ block: { wishes }, rules }) {
    const limit = raceRules(rules, wishes.race.distance).weeks.least;
    return wishes.weeks < limit ? [{ weeks: [1], value: wishes.weeks, limit }] : [];
  },
  fixes: ({ value, limit }, context) => lengthen(context, limit - value),
} as const satisfies Check;

/** More weeks than the distance bears before it drags on. Value and limit: weeks. */
export const blockTooLong = {
  code: 'block-too-long',
  level: 'note',
  run({ block: { wishes }, rules }) {
    const limit = raceRules(rules, wishes.race.distance).weeks.most;
    return wishes.weeks > limit ? [{ weeks: [1], value: wishes.weeks, limit }] : [];
  },
  fixes: ({ value, limit }, context) => lengthen(context, limit - value),
} as const satisfies Check;
