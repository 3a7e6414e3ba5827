import type { GrowthSchoolName } from '../../spec/choices/index.js';
import type { GrowthSettings, VolumeSpec } from '../../spec/index.js';

/** Where a rise stands in the climb to the peak. Amounts in m or s. */
export interface Rise {
  /** Volume of the last building week. */
  last: number;
  start: number;
  peak: number;
  /** Rises taken so far, this one not counted. */
  taken: number;
  /** Growth a week, as a share, that would just reach the heaviest wish ahead. */
  needed: number;
}

export interface GrowthSchool {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /** The growth from week to week that the school itself keeps under; where left out, it lays what its figures ask. */
  keepsUnder?: (cap: number) => number;
  /** The wished volume of the next building week, before rounding. */
  next: (rise: Rise, wish: GrowthSettings) => number;
  /** Building weeks that one rise stands for, where it is more than the week it falls in. */
  standsFor?: (wish: GrowthSettings) => number;
  /** Steps among so many rises, where it grows by steps of one size. */
  steps?: (rises: number, wish: Pick<GrowthSettings, 'hold'>) => number;
}

/** Policy: a rise that stands for several weeks is at most so many times the cap of one. */
const MOST_CAPS_AT_ONCE = 2;

/** The most that a rise of a school may be, as a share, and the building weeks it stands for. */
export function mostOfARise(growth: VolumeSpec['growth']): { weeks: number; most: number } {
  const weeks = growthSchools[growth.school].standsFor?.(growth) ?? 1;
  return { weeks, most: growth.cap * Math.min(weeks, MOST_CAPS_AT_ONCE) };
}

export const growthSchools: Readonly<Record<GrowthSchoolName, GrowthSchool>> = {
  percentage: {
    title: 'Percentage',
    why: 'The same small rise each week under a cap; gentle, and slow for those who start low.',
    keepsUnder: (cap) => cap,
    next: ({ last, needed }, { cap }) => last * (1 + Math.min(cap, Math.max(0, needed))),
  },
  'fixed-step': {
    title: 'Fixed step',
    why: 'The same distance more each week; easy to say, steep at the bottom.',
    next: ({ last }, { step }) => last + step,
    steps: (rises) => rises,
  },
  'step-and-hold': {
    title: 'Step and hold',
    why: 'A rise, then weeks at that level while the body catches up; each step is a larger jump.',
    next: ({ last, taken }, { step, hold }) => ((taken + 1) % hold === 0 ? last + step : last),
    standsFor: ({ hold }) => hold,
    steps: (rises, { hold }) => Math.floor(rises / hold),
  },
  'straight-to-peak': {
    title: 'Straight to the peak',
    why: 'At full volume in a few weeks, then only the sessions progress; for those already near it.',
    next: ({ start, peak, taken }, { rises }) =>
      start + ((peak - start) * Math.min(rises, taken + 1)) / rises,
  },
  alternating: {
    title: 'Alternating',
    why: 'One week up, one week part of the way back; kind to the legs, and long to the top.',
    keepsUnder: (cap) => 2 * cap,
    next: ({ last, taken, needed }, { cap, wayBack }) => {
      const up = Math.min(2 * cap, Math.max(0, 2 * needed + wayBack));
      return taken % 2 === 0 ? last * (1 + up) : last * (1 - wayBack);
    },
    // Up, part of the way back, and after a week of recovery there again.
    standsFor: () => 3,
  },
};
