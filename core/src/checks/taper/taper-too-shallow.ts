import { check } from '../common/check.js';
import { NOISE, usualCut, raceWeekCut } from './taper-depth.js';

/** Race week cut less than its school does. Value and limit: share cut from the same days of the heaviest week. */
export const taperTooShallow = check({
  code: 'taper-too-shallow',
  level: 'caution',
  run(context) {
    const [limit] = usualCut(context);
    return raceWeekCut(context).flatMap(({ weeks, aside: value, leeway, isLittle }) =>
      !isLittle && value < limit - leeway - NOISE ? [{ weeks, value, limit }] : [],
    );
  },
});
