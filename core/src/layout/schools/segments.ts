import type { SegmentName } from '../../spec/choices/index.js';
/** A stretch of a long run at one pace, or walking evenly from one pace to another. */
export interface SegmentShape {
  /** Part of the run before it starts, 0–1. */
  from: number;
  /** Part of the run it takes, 0–1. */
  part: number;
  /** Seconds per km against race pace, at its start and at its end; negative is faster. */
  offset: readonly [start: number, end: number];
}

/** Where a long run stands among those that carry the segment. */
export interface Exposure {
  /** 0 for the first exposure, 1 for the last before the legs are rested. */
  progress: number;
  /** True once the peak is passed and the race is near. */
  afterPeak: boolean;
}

export interface SegmentSchool {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /** What the run holds besides easy running; undefined when nothing. */
  shape: (exposure: Exposure) => SegmentShape | undefined;
}

/** Policy: the finish grows from a quarter to half of the run, and near the race is a quarter again. */
const FINISH = { first: 0.25, last: 0.5, near: 0.25, nearOffset: -5 };
/** Policy: the middle block grows from a fifth to half of the run, and near the race is a fifth again. */
const MIDDLE = { first: 0.2, last: 0.5, near: 0.2, nearOffset: -5 };
/** Policy: from race pace + 45 s/km to race pace − 10 s/km in even steps. */
const PROGRESSION = { slow: 45, fast: -10, first: 1 / 3, last: 2 / 3, nearOffset: -5 };

export const segmentSchools: Readonly<Record<SegmentName, SegmentSchool>> = {
  easy: {
    title: 'All easy',
    why: 'Time on the feet and nothing else; race pace has to come from other days.',
    shape: () => undefined,
  },
  'race-pace-finish': {
    title: 'Race-pace finish',
    why: 'Race pace on tired legs, ever longer, then short and a little quicker near the race; costs a day more to get over.',
    shape: ({ progress, afterPeak }) => {
      const part = afterPeak ? FINISH.near : between(FINISH.first, FINISH.last, progress);
      const offset = afterPeak ? FINISH.nearOffset : 0;
      return { from: 1 - part, part, offset: [offset, offset] };
    },
  },
  progression: {
    title: 'Progression',
    why: 'Quicker in even steps, from well under race pace to just over it; wants restraint at the start.',
    shape: ({ progress, afterPeak }) => {
      const part = afterPeak
        ? PROGRESSION.first
        : between(PROGRESSION.first, PROGRESSION.last, progress);
      const quicker = afterPeak ? PROGRESSION.nearOffset : 0;
      const offset = [PROGRESSION.slow + quicker, PROGRESSION.fast + quicker] as const;
      return { from: 1 - part, part, offset };
    },
  },
  'middle-block': {
    title: 'Middle block',
    why: 'A block at race pace with easy running around it: honest work, and time to come down.',
    shape: ({ progress, afterPeak }) => {
      const part = afterPeak ? MIDDLE.near : between(MIDDLE.first, MIDDLE.last, progress);
      const offset = afterPeak ? MIDDLE.nearOffset : 0;
      return { from: (1 - part) / 2, part, offset: [offset, offset] };
    },
  },
};

function between(first: number, last: number, progress: number): number {
  return first + (last - first) * progress;
}
