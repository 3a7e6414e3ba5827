import { check } from '../common/check.js';
import { NOISE, usualCut, raceWeekCut } from './taper-depth.js';

/** Race week cut more than its school does. Value and limit: share cut from the same days of the heaviest week. */
export const taperTooDeep = check({
  code: 'taper-too-deep',
  level: 'note',
  run(context) {
    const [, limit] = usualCut(context);
    return raceWeekCut(context).flatMap(({ weeks, value, leeway }) =>
      value > limit + leeway + NOISE ? [{ weeks, value, limit }] : [],
    );
  },
});
