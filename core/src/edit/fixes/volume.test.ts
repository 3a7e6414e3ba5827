import { describe, expect, it } from 'vitest';
import type { CheckCode } from '../../checks/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { pastOf } from '../../layout/index.js';
import { rulesOf } from '../../rules/index.js';
import { marathon } from '../../testing/examples.js';
import { volumeFixes } from './volume.js';

/** The fixes of the first finding of a check, by their labels. */
function fixesFor(code: CheckCode, change: Partial<BlockSpec>) {
  const block = layOut({ ...marathon, ...change });
  const finding = block.findings.find(({ check }) => check === code);
  if (!finding) throw new Error(`${code} is not found`);
  return new Map(fixesOf(block, finding).map((fix) => [fix.label, fix.change]));
}

const labels = (fixes: ReadonlyMap<string, unknown>) => [...fixes.keys()];

describe('a peak out of reach', () => {
  const steep = { ...marathon.volume, start: 40_000, peak: 120_000 };

  it('is in reach of the growth it needs, a tenth of a per cent over', () => {
    const fixes = fixesFor('not-feasible', { volume: steep });
    const label = labels(fixes).find((each) => each.startsWith('Grow up to'));
    expect(label).toMatch(/^Grow up to 1\d(\.\d)?% a week$/);
    const cap = fixes.get(label ?? '')?.volume?.growth?.cap ?? 0;
    // Nine rises from 40 to 120 km: 3^(1/9) is 1.130.
    const { neededGrowth } = layOut({ ...marathon, volume: steep }).feasible;
    expect(cap).toBeGreaterThan(neededGrowth ?? Infinity);
    expect(cap).toBeLessThanOrEqual((neededGrowth ?? 0) + 0.002);
  });

  it('is not offered another percentage by a school that has none', () => {
    const growth = { school: 'fixed-step', step: 2000 } as const;
    const fixes = fixesFor('not-feasible', { volume: { ...steep, growth } });
    expect(labels(fixes).filter((each) => each.startsWith('Grow'))).toEqual([]);
  });

  it('is not offered more than twice as much a week', () => {
    const volume = { start: 5000, peak: 150_000, recovery: { every: 'none' } } as const;
    const longRun = { start: 3000, peak: 5000 };
    const race = { ...marathon.race, distance: 5000 };
    const steepest = { volume, longRun, race, weeks: 6, pins: [] };
    expect(layOut({ ...marathon, ...steepest }).feasible.neededGrowth).toBeGreaterThan(1);
    const fixes = fixesFor('not-feasible', steepest);
    expect(labels(fixes).filter((each) => each.startsWith('Grow'))).toEqual([]);
  });
});

describe('a peak that stands wrong', () => {
  const block = layOut(marathon);
  const km = { basis: 'distance', unit: 'km', step: 1 } as const;
  const proposed = (limit: number) =>
    volumeFixes['peak-near-race'](
      { weeks: [17], value: 1, limit, each: [] },
      { block, rules: rulesOf(block.spec), shown: km, past: pastOf([], undefined) },
    ).map(({ label, change }) => [label, change.volume?.peakWeek]);

  it('moves as far from the race as the house rule has it, while that is within the block', () => {
    // Eighteen weeks: two to go after week 16, seventeen after the first.
    expect(proposed(2)).toEqual([['Peak in week 16', 16]]);
    expect(proposed(17)).toEqual([['Peak in week 1', 1]]);
    expect(proposed(18)).toEqual([]);
  });
});

describe('days that come to more than their week', () => {
  it('are reset one by one, those of that week that hold a length and no other', () => {
    const days = [
      { date: '2026-12-22', amount: 30_000 },
      { date: '2026-12-23', amount: 30_000 },
      { date: '2026-12-24', strength: true as const },
      { date: '2027-01-19', amount: 12_000 },
    ];
    const fixes = fixesFor('week-over-wish', { days });
    const resets = labels(fixes).filter((each) => each.startsWith('Reset'));
    expect(resets.sort()).toEqual(['Reset Tue 22 Dec', 'Reset Wed 23 Dec']);
    const left = fixes.get('Reset Tue 22 Dec')?.days;
    expect(left?.map(({ date }) => date)).toEqual(days.slice(1).map(({ date }) => date));
  });
});
