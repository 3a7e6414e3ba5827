import { describe, expect, it } from 'vitest';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);

describe('proposed on long runs', () => {
  const pins = [{ week: 5, volume: 60_000, longRun: 24_000 }];

  it('shortens the run to its share, lengthens its week, or allows the share', () => {
    // 35% of 60 km are 21; 24 km are 35% of 68.6, 69 in whole kilometres.
    const fixes = proposed(
      'long-run-over-share',
      { weeks: [5], value: 0.4, limit: 0.35 },
      { pins, houseRules: { values: { 'longRun.share': 0.35, 'longRun.mostShare': 0.38 } } },
    );
    expect(fixes).toMatchObject({
      'Fix week 5’s long run at 21 km': {
        pins: [{ week: 5, volume: 60_000, longRun: 21_000 }],
      },
      'Fix week 5 at 69 km': { pins: [{ week: 5, volume: 69_000, longRun: 24_000 }] },
      'Allow 40% of the week': {
        overrides: { values: { 'longRun.share': 0.4, 'longRun.mostShare': 0.4 } },
      },
      'Free week 5’s long run': { pins: [{ week: 5, volume: 60_000 }] },
      'Free week 5': { pins: [{ week: 5, longRun: 24_000 }] },
    });
  });

  it('allows what the rule is short of, and no less of a most that is higher', () => {
    // The limit of a light week is over the rule: 43 over 40 are three more than 35.
    const each = [{ weeks: [6], dates: [], value: 0.43, limit: 0.4 }];
    const { 'Allow 43% of the week': change } = proposed(
      'long-run-over-share',
      { weeks: [5], value: 0.42, limit: 0.4, each },
      { houseRules: { values: { 'longRun.share': 0.35, 'longRun.mostShare': 0.5 } } },
    );
    expect(change?.overrides?.values).toEqual({ 'longRun.share': 0.38, 'longRun.mostShare': 0.5 });
  });

  it('shortens a run that takes too long by as much, or frees it', () => {
    // 24 km in 200 minutes are 21.6 in 180.
    const fixes = proposed('long-run-over-time', { weeks: [5], value: 200, limit: 180 }, { pins });
    expect(fixes).toEqual({
      'Fix week 5’s long run at 21 km': { pins: [{ week: 5, volume: 60_000, longRun: 21_000 }] },
      'Free week 5’s long run': { pins: [{ week: 5, volume: 60_000 }] },
    });
  });

  it('asks for the start at the peak where a ladder grows too fast and would climb', () => {
    const found = { weeks: [5], value: 24_000, limit: 22_400 };
    const fixes = proposed('long-run-grown-too-fast', found, { pins });
    expect(labels(fixes)).toEqual([
      'Fix week 5’s long run at 22 km',
      'Free week 5’s long run',
      'Ask for 19 km at the peak',
    ]);
    expect(fixes['Ask for 19 km at the peak']?.longRun?.peak).toBe(19_000);
    const level = { ...marathon.longRun, start: 32_000 };
    expect(labels(proposed('long-run-grown-too-fast', found, { longRun: level }))).toEqual([
      'Fix week 5’s long run at 22 km',
    ]);
  });

  it('asks for the peak that is laid out, starting no higher', () => {
    const asked = (value: number) =>
      Object.values(proposed('long-run-held-down', { value, limit: 32_000 }))[0]?.longRun;
    expect(asked(28_000)).toMatchObject({ start: 19_000, peak: 28_000 });
    expect(asked(15_000)).toMatchObject({ start: 15_000, peak: 15_000 });
  });

  it('puts the last peak two to four weeks out where long runs are few', () => {
    const fixes = proposed('few-long-runs', { value: 2, limit: 4 });
    expect(Object.values(fixes).map(({ longRun }) => longRun?.lastPeakWeeksOut)).toEqual([
      3, 2, 3, 4,
    ]);
    expect(fixes['Climb straight']?.longRun?.ladder).toBe('straight');
    expect(labels(fixes).slice(1)).toEqual([2, 3, 4].map((out) => `Last peak ${out} weeks out`));
  });

  it('moves a last peak as far out as the house rule has it', () => {
    const near = [{ week: 17, longRun: 30_000 }];
    const houseRules = { values: { 'longRun.leastWeeksOut': 3 } };
    const fixes = proposed('long-run-near-race', { weeks: [17] }, { pins: near, houseRules });
    expect(fixes['Free week 17’s long run']).toEqual({ pins: [] });
    expect(fixes['Last peak 3 weeks out']?.longRun?.lastPeakWeeksOut).toBe(3);
  });

  it('caps one that is longer than the race', () => {
    const fixes = proposed('long-run-over-race', { weeks: [5], limit: 22_000 }, { pins });
    expect(labels(fixes)).toEqual([
      'Fix week 5’s long run at 22 km',
      'Free week 5’s long run',
      'Ask for 22 km at the peak',
    ]);
    expect(fixes['Ask for 22 km at the peak']?.longRun?.peak).toBe(22_000);
  });
});
