import type { FrameWeek } from '../frame/frame.js';
import type { LaidLongRun } from '../longrun/lay-long-runs.js';
import type { LaidVolume } from '../volume/climb.js';
import { clean } from '../../base/round.js';
import { type WishedDay } from './coach-week.js';
import { isRun } from '../../spec/pattern-day.js';

/**
 * Volumes where the runs of mid-week stay as they are and only the long run
 * grows: each week is its long run and so many runs of the same length, never
 * more than it would have been. Pins are kept; taper and race weeks keep their
 * own shape.
 *
 * @param each canonical amount of every run but the long one
 */
export function steadyMidweek(
  each: number,
  weeks: readonly FrameWeek[],
  volumes: readonly LaidVolume[],
  longRuns: readonly LaidLongRun[],
  wished: readonly (readonly WishedDay[])[],
): LaidVolume[] {
  return volumes.map((laid, index): LaidVolume => {
    const week = weeks[index];
    const longRun = longRuns[index]?.longRun ?? 0;
    const rested = week?.kind === 'taper' || week?.kind === 'race';
    if (!week || rested || laid.rule === 'pin' || longRun === 0) return laid;
    const runs = (wished[index] ?? []).filter(({ role }) => isRun(role)).length;
    const volume = clean(longRun + Math.max(0, runs - 1) * each * Math.min(1, week.running));
    return volume < laid.volume ? { ...laid, volume, rule: 'steady' } : laid;
  });
}
