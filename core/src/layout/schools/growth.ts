import type { GrowthSchoolName } from '../../spec/choices/index.js';
import type { GrowthSettings } from '../../spec/index.js';
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
  /** True when the school itself keeps under the coach's cap. */
  keepsCap: boolean;
  /** The wished volume of the next building week, before rounding. */
  next: (rise: Rise, wish: GrowthSettings) => number;
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
    keepsCap: false,
    next: ({ last }, { step }) => last + step,
  },
  'step-and-hold': {
    title: 'Step and hold',
    why: 'A rise, then weeks at that level while the body catches up; each step is a larger jump.',
    keepsCap: false,
    next: ({ last, taken }, { step, hold }) => ((taken + 1) % hold === 0 ? last + step : last),
  },
  'straight-to-peak': {
    title: 'Straight to the peak',
    why: 'At full volume in a few weeks, then only the sessions progress; for those already near it.',
    keepsCap: false,
    next: ({ start, peak, taken }, { rises }) =>
      start + ((peak - start) * Math.min(rises, taken + 1)) / rises,
  },
  alternating: {
    title: 'Alternating',
    why: 'One week up, one week part of the way back; kind to the legs, and long to the top.',
    keepsCap: false,
    next: ({ last, taken, needed }, { cap, wayBack }) => {
      const up = Math.min(2 * cap, Math.max(0, 2 * needed + wayBack));
      return taken % 2 === 0 ? last * (1 + up) : last * (1 - wayBack);
    },
  },
};
