import type { Block } from '../../layout/block/index.js';
import { lastOfWayBack } from '../../spec/days/index.js';
import { check } from '../common/check.js';
import { NOISE, usualCut, raceWeekCut } from './taper-depth.js';

/** Race week cut more than its school does. Value and limit: share cut from the same days of the heaviest week. */
export const taperTooDeep = check({
  code: 'taper-too-deep',
  level: 'note',
  run(context) {
    const [, limit] = usualCut(context);
    if (isUnwell(context.block)) return [];
    return raceWeekCut(context).flatMap(({ weeks, value, leeway }) =>
      value > limit + leeway + NOISE ? [{ weeks, value, limit }] : [],
    );
  },
});

/** True where race week is one of an illness or a hurt, or of the way back: what that takes is not the taper's. */
function isUnwell({ spec, weeks }: Block): boolean {
  const start = weeks.at(-1)?.start ?? '';
  return spec.events.some((event) => event.kind === 'illness' && lastOfWayBack(event) >= start);
}
