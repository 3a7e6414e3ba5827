import type { GrowthSchoolName } from '../../spec/choices/index.js';
import {
  type GrowthSettings,
  isUnder18,
  type ResolvedSpec,
  type VolumeSpec,
} from '../../spec/index.js';

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
  /** True when the school itself keeps under the coach's cap; others lay what their figures ask. */
  keepsCap?: boolean;
  /** The wished volume of the next building week, before rounding. */
  next: (rise: Rise, wish: GrowthSettings) => number;
  /** What a rise is measured by, where that is more than the week before it. */
  measure?: (wish: GrowthSettings) => RiseMeasure;
  /** Steps among so many rises, where it grows by steps of one size. */
  steps?: (rises: number, wish: Pick<GrowthSettings, 'hold'>) => number;
}

/** The building weeks that a rise stands for, and how many caps of one week it may be above the heaviest of them. */
interface RiseMeasure {
  weeks: number;
  caps: number;
}

const ONE_WEEK: RiseMeasure = { weeks: 1, caps: 1 };

/**
 * The most that a rise of a school may be, as a share, above the heaviest of so many
 * building weeks. The young, the often hurt and the injured take no rise of more than the cap.
 */
export function mostOfARise(
  growth: VolumeSpec['growth'],
  of: Pick<ResolvedSpec, 'athlete' | 'start'>,
): { weeks: number; most: number } {
  const { weeks, caps } = growthSchools[growth.school].measure?.(growth) ?? ONE_WEEK;
  return { weeks, most: growth.cap * (climbsCarefully(of) ? 1 : caps) };
}

/** The young, the often hurt and the injured. */
export function climbsCarefully(of: Pick<ResolvedSpec, 'athlete' | 'start'>): boolean {
  return isUnder18(of) || of.athlete.injured || of.athlete.oftenHurt;
}

export const growthSchools: Readonly<Record<GrowthSchoolName, GrowthSchool>> = {
  percentage: {
    title: 'Percentage',
    why: 'The same small rise each week under a cap; gentle, and slow for those who start low.',
    keepsCap: true,
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
    // Policy: what is held for several weeks may be twice the rise of one.
    measure: ({ hold }) => ({ weeks: hold, caps: Math.min(2, hold) }),
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
    keepsCap: true,
    next: ({ last, taken, needed }, wish) => {
      if (taken % 2 === 1) return last * (1 - wish.wayBack);
      return last * (1 + Math.min(upAgain(wish), Math.max(0, 2 * needed + wish.wayBack)));
    },
    // Up, part of the way back, and after a week of recovery there again: from height to height.
    measure: () => ({ weeks: 3, caps: 1 }),
  },
};

/**
 * From a week part of the way back to one that is the cap above the week before it.
 *
 * @example 5% back and a cap of 10%: 1.1 / 0.95 − 1 = 15.8%
 */
function upAgain({ cap, wayBack }: GrowthSettings): number {
  return (1 + cap) / (1 - wayBack) - 1;
}
