import type { BlockSpec } from '../spec/index.js';

/** A marathon block by distance with nothing pinned and nothing on the way; 18 weeks from Monday 2026-12-14. */
export const marathon: BlockSpec = {
  athlete: {
    name: 'Idris Vale',
    basis: 'distance',
    unit: 'km',
    birthYear: 1991,
    recentWeeks: [52_000, 55_000, 54_000, 57_000],
    longestRecentRun: 19_000,
    results: [{ date: '2026-11-08', distance: 10_000, time: 2430 }],
  },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195, goalTime: 11_700 },
  weeks: 18,
  weekStartsOn: 'monday',
  phases: { layout: 'four-equal-parts' },
  volume: {
    start: 55_000,
    peak: 92_000,
    holdAtPeak: 2,
    growth: { school: 'percentage', cap: 0.1 },
    recovery: { every: 4, depth: 0.25, reEntry: 'one-step-above' },
  },
  longRun: { start: 19_000, peak: 32_000, ladder: 'straight', lastPeakWeeksOut: 3 },
  taper: { school: 'three-steps' },
  events: [],
  week: { runDays: 6, longRunOn: 'sunday', qualityOn: ['tuesday', 'friday'], restOn: ['thursday'] },
};
