import { check } from '../common/check.js';
import { NOISE, usualCut, raceWeekCut } from './taper-depth.js';

/** Race week cut more than its school does. Value and limit: share cut from the heaviest week. */
export const taperTooDeep = check({
  code: 'taper-too-deep',
  level: 'note',
  run(context) {
    const [, limit] = usualCut(context);
    return raceWeekCut(context).flatMap(({ weeks, value }) =>
      value > limit + NOISE ? [{ weeks, value, limit }] : [],
    );
  },
});
