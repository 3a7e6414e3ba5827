import type { VolumeSpec } from '../../spec/index.js';
import type { Frame } from '../frame/frame.js';

/** The rises of a block: weeks in which volume may grow. */
export interface Rises {
  /** Index of the first week at the peak. */
  peakIndex: number;
  /** Rises from week 1 to the first peak week. */
  count: number;
  /** Rises in the weeks before `index`. */
  before: (index: number) => number;
}

/**
 * Counts the rises from week 1 to the first peak week: building weeks, less
 * the first, less those that an event cuts, less the weeks that only resume after a recovery week. The first
 * peak week is chosen so that the wished number of building weeks stands at
 * the peak before the taper; where that week may not rise, the next that may
 * is taken, which holds less and climbs more gently.
 */
export function countRises(
  frame: Frame,
  wish: Pick<VolumeSpec, 'holdAtPeak' | 'peakWeek' | 'recovery'>,
): Rises {
  const before = frame.weeks.slice(0, frame.taperStart);
  const mayRise = weeksThatRise(frame, wish);
  const building = before.flatMap((week, index) =>
    week.kind === 'building' && week.running === 1 ? [index] : [],
  );
  const held = building.at(-Math.max(1, wish.holdAtPeak)) ?? 0;
  const wished = wish.peakWeek === undefined ? held : wish.peakWeek - 1;
  const risingLater = mayRise.findIndex((rises, index) => rises && index >= wished);
  const peakIndex = risingLater >= 0 ? risingLater : Math.max(0, mayRise.lastIndexOf(true));
  const cumulative = [0];
  for (const rises of mayRise) cumulative.push((cumulative.at(-1) ?? 0) + (rises ? 1 : 0));
  const riseCount = (index: number) => cumulative[Math.min(index, before.length)] ?? 0;
  return { peakIndex, count: riseCount(peakIndex + 1), before: riseCount };
}

/**
 * For each week before the taper, whether volume may grow in it. A week that only
 * resumes is followed by one that grows, even where a race or a rest lies between:
 * of weeks cut by turns none would ever grow. After an illness none grows at once.
 */
export function weeksThatRise(frame: Frame, wish: Pick<VolumeSpec, 'recovery'>): boolean[] {
  const before = frame.weeks.slice(0, frame.taperStart);
  let resumed = false;
  let wasIll = false;
  return before.map((week, index) => {
    const previous = before[index - 1];
    const rested = previous !== undefined && (previous.kind === 'recovery' || previous.running < 1);
    if (week.kind !== 'building' || week.running !== 1) {
      wasIll ||= week.ill;
      return false;
    }
    resumed = rested && (wasIll || (wish.recovery.reEntry === 'resume' && !resumed));
    wasIll = false;
    return index > 0 && !resumed;
  });
}
