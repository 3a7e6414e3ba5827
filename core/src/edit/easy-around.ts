import { type Measure, shownUnit } from '../base/index.js';
import { formatPlain } from '../base/format/index.js';

/**
 * A session with what is left of its run as easy running, half before it and half after,
 * in tenths of the shown unit.
 *
 * @param left m or s, as the measure counts
 * @example easyAround('5 km @ marathon', 3000, km) → '1.5 km easy; 5 km @ marathon; 1.5 km easy'
 */
export function easyAround(session: string, left: number, measure: Measure): string {
  const tenth = shownUnit(measure) / 10;
  const before = Math.round(left / 2 / tenth) * tenth;
  const after = Math.round((left - before) / tenth) * tenth;
  const easy = (of: number) => (of > 0 ? [`${formatPlain(of, measure)} easy`] : []);
  return [...easy(before), session, ...easy(after)].join('; ');
}
