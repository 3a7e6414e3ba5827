import { raceRules } from '../../rules/index.js';
import type { Check } from '../common/check.js';
import { taperWeeks, taperDays } from './taper-length.js';

/** Fewer days of taper than the distance needs. Value and limit: days. */
export const taperTooShort = {
  code: 'taper-too-short',
  level: 'caution',
  run(context) {
    const limit = raceRules(context.rules, context.block.spec.race.distance).taperDays.least;
    const value = taperDays(context);
    return value < limit - LEEWAY_DAYS ? [{ weeks: taperWeeks(context), value, limit }] : [];
  },
} as const satisfies Check;

/** Race day may be counted in or not. */
const LEEWAY_DAYS = 1;
