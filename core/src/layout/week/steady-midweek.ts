import { isRun } from '../../spec/days/index.js';
import { clean } from '../../base/index.js';
import type { FrameWeek } from '../frame/frame.js';
import type { LaidVolume } from '../volume/climb.js';
import type { WishedDay } from '../wished/coach-week.js';

/**
 * A week's volume where the runs of mid-week stay as they are and only the long
 * run grows: its long run and so many runs of the same length, never more than
 * it would have been. Pins are kept; taper and race weeks keep their own shape.
 *
 * @param laid what it would have been
 * @param each canonical amount of every run but the long one
 */
export function steadyMidweek(
  laid: LaidVolume,
  week: FrameWeek,
  { longRun, wished }: { longRun: number; wished: readonly WishedDay[] },
  each: number,
): LaidVolume {
  const rested = week.kind === 'taper' || week.kind === 'race';
  if (rested || laid.rule === 'pin' || longRun === 0) return laid;
  const runs = wished.filter(({ role }) => isRun(role)).length;
  const volume = clean(longRun + Math.max(0, runs - 1) * each * Math.min(1, week.running));
  if (volume >= laid.volume) return laid;
  // A week that an event cuts stays one.
  return { ...laid, volume, rule: laid.rule === 'event' ? laid.rule : 'steady' };
}
