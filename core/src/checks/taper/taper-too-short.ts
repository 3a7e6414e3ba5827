import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';
import { taperWeeks, taperDays } from './taper-length.js';

/** Fewer days of taper than the distance needs. Value and limit: days. */
export const taperTooShort = check({
  code: 'taper-too-short',
  level: 'caution',
  run(context) {
    const limit = raceRules(context.rules, context.block.spec.race.distance).taperDays.least;
    const value = taperDays(context);
    return value < limit - LEEWAY_DAYS ? [{ weeks: taperWeeks(context), value, limit }] : [];
  },
});

/** Race day may be counted in or not. */
const LEEWAY_DAYS = 1;
