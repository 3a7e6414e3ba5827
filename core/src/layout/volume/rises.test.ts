import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../../spec/index.js';
import { resolve } from '../resolve/resolve.js';
import { marathon } from '../../testing/examples.js';
import { feasibility } from './feasibility.js';
import { countRises } from './rises.js';

const risesOf = (volume: BlockSpec['volume'], events: BlockSpec['events'] = []) => {
  const given = { ...marathon, volume: { ...marathon.volume, ...volume }, events };
  const { context, frame } = resolve(given);
  const { count, peakIndex } = countRises(frame, context.spec.volume);
  return { count, peakWeek: peakIndex + 1 };
};

// Eighteen weeks, a taper of three: 1–15 before it, of which 4, 8 and 12 recover.
describe('counting rises', () => {
  it('one step above: every building week but the first rises', () => {
    expect(risesOf({ holdAtPeak: 1 })).toEqual({ count: 11, peakWeek: 15 });
    expect(risesOf({ holdAtPeak: 2 })).toEqual({ count: 10, peakWeek: 14 });
    expect(risesOf({ holdAtPeak: 3 })).toEqual({ count: 9, peakWeek: 13 });
  });

  it('resume: the weeks after recovery do not rise', () => {
    const recovery = { every: 4, depth: 0.25, reEntry: 'resume' } as const;
    expect(risesOf({ holdAtPeak: 1, recovery })).toEqual({ count: 8, peakWeek: 15 });
    expect(risesOf({ holdAtPeak: 2, recovery })).toEqual({ count: 7, peakWeek: 14 });
    // Week 13 only resumes, so the first peak week is 14: held less, climbed gentler.
    expect(risesOf({ holdAtPeak: 3, recovery })).toEqual({ count: 7, peakWeek: 14 });
  });

  it('reaches the peak in the week the coach chose, else in the next that may rise', () => {
    expect(risesOf({ peakWeek: 10 })).toEqual({ count: 7, peakWeek: 10 });
    expect(risesOf({ peakWeek: 12 })).toEqual({ count: 9, peakWeek: 13 });
  });

  // Week 6 is cut by it, and week 7 is back where week 5 was.
  it('an illness takes its week, and the one that comes back from it', () => {
    const events = [
      { kind: 'illness', name: 'A cold', from: '2027-01-18', to: '2027-01-19' },
    ] as const;
    expect(risesOf({ holdAtPeak: 1 }, [...events])).toEqual({ count: 9, peakWeek: 15 });
  });

  it('without recovery weeks all may rise', () => {
    const recovery = { every: 'none', depth: 0.25, reEntry: 'resume' } as const;
    expect(risesOf({ holdAtPeak: 1, recovery })).toEqual({ count: 14, peakWeek: 15 });
  });
});

describe('feasibility', () => {
  const of = (given: BlockSpec) => {
    const { context, frame } = resolve(given);
    return feasibility(context, frame);
  };

  it('needs no growth where the peak is the start', () => {
    expect(of({ ...marathon, volume: { ...marathon.volume, peak: 55_000 } })).toMatchObject({
      feasible: true,
      neededGrowth: 0,
      extraWeeks: 0,
    });
  });

  it('has no growth to name where there is no rise', () => {
    const short = of({ ...marathon, weeks: 4, volume: { ...marathon.volume, holdAtPeak: 3 } });
    expect(short.feasible).toBe(false);
    expect(short.neededGrowth === null || short.neededGrowth > 0.1).toBe(true);
  });

  it('gives up on weeks that thirty do not hold, and on a cap of nothing', () => {
    expect(of({ ...marathon, volume: { start: 20_000, peak: 390_000 } }).extraWeeks).toBeNull();
    const still = of({
      ...marathon,
      volume: { ...marathon.volume, growth: { school: 'percentage', cap: 0 } },
    });
    expect(still).toMatchObject({ feasible: false, reachablePeak: 55_000, extraWeeks: null });
  });
});
