import { describe, expect, it } from 'vitest';
import type { CheckCode } from '../../checks/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

/** The fixes of the first finding of a check, by their labels. */
function fixesFor(code: CheckCode, change: Partial<BlockSpec>) {
  const block = layOut({ ...marathon, ...change });
  const finding = block.findings.find(({ check }) => check === code);
  if (!finding) throw new Error(`${code} is not found`);
  return Object.fromEntries(fixesOf(block, finding).map(({ label, change }) => [label, change]));
}

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);

describe('a peak out of reach', () => {
  const steep = { ...marathon.volume, start: 40_000, peak: 120_000 };

  it('is in reach of the growth it needs, a tenth of a per cent over', () => {
    const fixes = fixesFor('not-feasible', { volume: steep });
    const label = labels(fixes).find((each) => each.startsWith('Grow up to'));
    expect(label).toMatch(/^Grow up to 1\d(\.\d)?% a week$/);
    const cap = fixes[label ?? '']?.volume?.growth?.cap ?? 0;
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
  const moved = (limit: number) =>
    Object.entries(proposed('peak-near-race', { weeks: [17], limit })).map(([label, change]) => [
      label,
      change.volume?.peakWeek,
    ]);

  it('moves as far from the race as the house rule has it, while that is within the block', () => {
    // Eighteen weeks: two to go after week 16, seventeen after the first.
    expect(moved(2)).toEqual([['Peak in week 16', 16]]);
    expect(moved(17)).toEqual([['Peak in week 1', 1]]);
    expect(moved(18)).toEqual([]);
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
    const left = fixes['Reset Tue 22 Dec']?.days;
    expect(left?.map(({ date }) => date)).toEqual(days.slice(1).map(({ date }) => date));
  });
});

describe('proposed on volume', () => {
  it('lowers a week to what the cap allows of the one before, or frees it', () => {
    // 66 km are a fifth over 55: a tenth over it are 60.5, 60 in whole kilometres.
    const pins = [{ week: 2, volume: 66_000 }];
    const fixes = proposed('growth-over-cap', { weeks: [2], value: 0.2, limit: 0.1 }, { pins });
    expect(fixes).toEqual({
      'Fix week 2 at 60 km': { pins: [{ week: 2, volume: 60_000 }] },
      'Free week 2': { pins: [] },
    });
  });

  it('grows by a percentage where another school had it otherwise', () => {
    const volume = { ...marathon.volume, growth: { school: 'fixed-step', step: 4000 } as const };
    const { 'Grow by a percentage under the cap': change } = proposed(
      'growth-over-cap',
      { weeks: [2], value: 0.2, limit: 0.1 },
      { volume },
    );
    expect(change?.volume).toMatchObject({ peak: 92_000, growth: { school: 'percentage' } });
  });

  it('settles for a peak that is reached, never under the start, and frees what is fixed', () => {
    const pins = [{ week: 6, volume: 70_000 }];
    const low = proposed('not-feasible', { weeks: [], value: 50_000, limit: 92_000 }, { pins });
    expect(low['Settle for 55 km']?.volume).toMatchObject({ start: 55_000, peak: 55_000 });
    expect(low['Free every week']).toEqual({ pins: [] });
    const high = proposed('not-feasible', { value: 80_000, limit: 92_000 });
    expect(high['Settle for 80 km']?.volume).toMatchObject({ start: 55_000, peak: 80_000 });
    expect(labels(high)).not.toContain('Free every week');
  });

  it('moves a peak that is far from the race, holds it to the taper, or frees the weeks', () => {
    const pins = [{ week: 6, volume: 70_000 }];
    const fixes = proposed('peak-far-from-race', { weeks: [6], limit: 4 }, { pins });
    expect(labels(fixes)).toEqual([
      'Peak in week 14',
      'Hold the peak to the taper',
      'Free every week',
    ]);
    const held = fixes['Hold the peak to the taper']?.volume;
    expect([held?.holdAtPeak, held?.peakWeek]).toEqual([1, undefined]);
    expect(labels(proposed('peak-far-from-race', { weeks: [6], limit: 4 }))).toHaveLength(2);
  });

  it('starts where the hold has it', () => {
    const fixes = proposed('start-above-held', { weeks: [1], value: 60_000, limit: 55_000 });
    expect(fixes['Start at 55 km']?.volume?.start).toBe(55_000);
    expect(fixes['Fix week 1 at 55 km']).toEqual({ pins: [{ week: 1, volume: 55_000 }] });
    const pins = [{ week: 1, volume: 60_000 }];
    const pinned = proposed('start-above-held', { weeks: [1], limit: 55_000 }, { pins });
    expect(pinned['Free week 1']).toEqual({ pins: [] });
  });

  it('holds a peak for fewer weeks, or grows to it evenly', () => {
    const volume = { ...marathon.volume, growth: { school: 'fixed-step', step: 4000 } as const };
    const fixes = proposed('too-long-at-peak', { weeks: [8], value: 6, limit: 3 }, { volume });
    expect(fixes['Hold 3 weeks']?.volume).toMatchObject({
      holdAtPeak: 3,
      growth: { school: 'fixed-step' },
    });
    expect(fixes['Grow evenly to the peak']?.volume).toMatchObject({
      holdAtPeak: 3,
      growth: { school: 'percentage' },
    });
  });

  it('asks for what is laid out where a wish was not kept', () => {
    const kept = (about: string, value: number) =>
      proposed('wish-not-kept', { about, value, dates: ['2027-02-13'] });
    expect(kept('peak-week', 13)['Peak in week 13']?.volume?.peakWeek).toBe(13);
    expect(kept('held', 1)['Hold 1 week']?.volume?.holdAtPeak).toBe(1);
    expect(kept('double', 0)).toEqual({
      'Run once on Sat 13 Feb': { days: [{ date: '2027-02-13', double: false }] },
    });
    expect(kept('add-on', 0)).toEqual({
      'Run without on Sat 13 Feb': { days: [{ date: '2027-02-13', addOn: 'nothing' }] },
    });
    expect(kept('quality', 1)['Ask for 1 quality day']?.week?.qualityOn).toEqual(['tuesday']);
    expect(labels(kept('quality', 2))).toEqual(['Ask for 2 quality days']);
  });

  it('frees the weeks that their days do not come to', () => {
    const pins = [
      { week: 4, volume: 60_000 },
      { week: 5, volume: 62_000 },
    ];
    const fixes = proposed('week-under-wish', { weeks: [4] }, { pins });
    expect(fixes).toEqual({ 'Free week 4': { pins: [pins[1]] } });
  });
});
