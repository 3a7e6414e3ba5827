import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';
import { taperWeeks, taperDays } from './taper-length.js';

/** More days of taper than the distance bears. Value and limit: days. */
export const taperTooLong = check({
  code: 'taper-too-long',
  level: 'note',
  run(context) {
    const limit = raceRules(context.rules, context.block.spec.race.distance).taperDays.most;
    const value = taperDays(context);
    return value > limit ? [{ weeks: taperWeeks(context), value, limit }] : [];
  },
});
