import type { Segment } from '../block/week.js';
import type { SegmentName } from '../../spec/choices/index.js';
import type { LongRunSpec } from '../../spec/index.js';
import { segmentSchools, type SegmentShape } from '../schools/index.js';
import { clean, roundTo } from '../../base/index.js';
import type { FrameWeek } from '../frame/frame.js';
import type { LaidLongRun } from './laid-long-run.js';

/** Phases whose long runs stay easy. */
const EASY_PHASES: ReadonlySet<string> = new Set(['foundation', 'hills-and-strength']);
/** Every so many building long runs carry the segment, counted back from the peak, where none is asked. */
const EVERY = 2;

/** Which long runs hold what. */
export interface SegmentsAsked extends Pick<LongRunSpec, 'segmentEvery' | 'segmentWeeks'> {
  name: SegmentName;
}

/**
 * The segments of the long runs: every second building one counted back from
 * the last peak, from the first third of the block on and not in a foundation
 * or hills phase unless all phases before the taper are; then one, short, after
 * the peak. None in recovery weeks. Where the coach names the weeks, in those;
 * what grows over them comes down in the last one if that is after the peak.
 *
 * @param step canonical amount to which a segment is rounded
 */
export function laySegments(
  { name, segmentEvery = EVERY, segmentWeeks }: SegmentsAsked,
  weeks: readonly FrameWeek[],
  longRuns: readonly LaidLongRun[],
  step: number,
): (Segment | undefined)[] {
  if (name === 'easy') return weeks.map(() => undefined);
  const later = longRuns.findIndex(({ rule, longRun }) => rule === 'after-peak' && longRun > 0);
  const named = weeks.flatMap(({ number }, index) =>
    segmentWeeks?.includes(number) && (longRuns[index]?.longRun ?? 0) > 0 ? [index] : [],
  );
  const carrying = segmentWeeks
    ? named.filter((index) => index !== later)
    : exposures(weeks, longRuns, segmentEvery);
  const hasLater = !segmentWeeks || named.includes(later);
  return weeks.map((_, index) => {
    const place = carrying.indexOf(index);
    if (place < 0 && !(hasLater && index === later)) return undefined;
    const progress = carrying.length < 2 ? 1 : place / (carrying.length - 1);
    const shape = segmentSchools[name].shape({ progress, afterPeak: index === later });
    return shape && cut(name, shape, longRuns[index]?.longRun ?? 0, step);
  });
}

function exposures(
  weeks: readonly FrameWeek[],
  longRuns: readonly LaidLongRun[],
  every: number,
): number[] {
  const ready = weeks.flatMap((_, index) => {
    const laid = longRuns[index];
    const builds = laid && laid.longRun > 0 && !RESTED.has(laid.rule);
    return builds && index >= weeks.length / 3 ? [index] : [];
  });
  const work = ready.filter((index) => !EASY_PHASES.has(weeks[index]?.phase.kind ?? ''));
  const chosen = work.length > 0 ? work : ready;
  return chosen.filter((_, place) => (chosen.length - 1 - place) % every === 0);
}

const RESTED: ReadonlySet<string> = new Set(['recovery', 'after-peak', 'race', 'no-day', 'event']);

function cut(
  name: SegmentName,
  { from, part, offset }: SegmentShape,
  longRun: number,
  step: number,
): Segment | undefined {
  const amount = Math.min(longRun, Math.max(step, roundTo(longRun * part, step)));
  if (longRun < step) return undefined;
  const before = Math.min(longRun - amount, roundTo(longRun * from, step));
  return { name, before, amount, after: clean(longRun - before - amount), offset };
}
