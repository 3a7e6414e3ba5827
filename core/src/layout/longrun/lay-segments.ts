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
 * what grows over them up to the peak comes down after it. A ladder that is fixed
 * to the end is no different.
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
  const peak = peakOf(longRuns);
  const later = longRuns.findIndex(
    ({ rule, longRun }, index) => index > peak && longRun > 0 && AFTER_PEAK.has(rule),
  );
  const carrying = segmentWeeks
    ? weeks.flatMap(({ number }, index) =>
        segmentWeeks.includes(number) && (longRuns[index]?.longRun ?? 0) > 0 ? [index] : [],
      )
    : [...exposures(weeks, longRuns, { every: segmentEvery, peak }), later];
  const growing = carrying.filter((index) => index >= 0 && index <= peak);
  return weeks.map((_, index) => {
    if (!carrying.includes(index)) return undefined;
    const progress = growing.length < 2 ? 1 : growing.indexOf(index) / (growing.length - 1);
    const shape = segmentSchools[name].shape({ progress, afterPeak: index > peak });
    return shape && cut(name, shape, longRuns[index]?.longRun ?? 0, step);
  });
}

/** The last week before long runs come down to the race, by themselves or as they are fixed. */
function peakOf(longRuns: readonly LaidLongRun[]): number {
  const run = longRuns.flatMap(({ longRun, rule }, index) =>
    longRun > 0 && rule !== 'race' ? [{ longRun, rule, index }] : [],
  );
  const peak = run.findLast(({ longRun, rule }, place) => {
    const comesDown = longRun < (run[place - 1]?.longRun ?? 0);
    return !(comesDown && (RESTED.has(rule) || rule === 'pin'));
  });
  return peak?.index ?? 0;
}

/** What long runs past the peak go by; a ladder of the coach's own is fixed to the end. */
const AFTER_PEAK: ReadonlySet<string> = new Set(['after-peak', 'pin']);

function exposures(
  weeks: readonly FrameWeek[],
  longRuns: readonly LaidLongRun[],
  { every, peak }: { every: number; peak: number },
): number[] {
  const ready = weeks.flatMap(({ kind, running }, index) => {
    const laid = longRuns[index];
    // A cap that is met names the long run of a light week by itself.
    const isLight = kind === 'recovery' || running < 1;
    const builds = !isLight && laid && laid.longRun > 0 && !RESTED.has(laid.rule);
    return builds && index >= weeks.length / 3 && index <= peak ? [index] : [];
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

/** A segment of a long run that its week makes shorter: as large a part of it; none of one that is no longer one. */
export function shortened(
  { name, before, amount, offset, after }: Segment,
  longRun: number,
  step: number,
): Segment | undefined {
  const whole = before + amount + after;
  return cut(name, { from: before / whole, part: amount / whole, offset }, longRun, step);
}
