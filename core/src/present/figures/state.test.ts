import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { settledSpec } from '../../edit/answers/index.js';
import { askedIn, ownAims, stateOf } from './state.js';

const given: BlockSpec = {
  athlete: { recentWeeks: [50_000, 50_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 16,
};
const statesOf = (spec: BlockSpec) => {
  const { weeks } = layOut(spec);
  const first = weeks[0];
  const peak = weeks.find(({ volumeRule }) => volumeRule === 'peak');
  if (!first || !peak) throw new Error('no first week, or none at the peak');
  const asked = askedIn(spec);
  return [
    stateOf(first, 'volume', asked),
    stateOf(peak, 'volume', asked),
    stateOf(first, 'longRun', asked),
  ];
};

describe('the state of a figure', () => {
  it('is worked out where the plan names no aim, though the week stands at one', () => {
    expect(statesOf(given)).toEqual(['worked-out', 'worked-out', 'worked-out']);
  });

  it('is asked for each aim that the plan names', () => {
    expect(statesOf({ ...given, volume: { start: 52_000 } })).toEqual([
      'asked',
      'worked-out',
      'worked-out',
    ]);
    expect(statesOf({ ...given, volume: { peak: 70_000 }, longRun: { start: 15_000 } })).toEqual([
      'worked-out',
      'asked',
      'asked',
    ]);
  });

  it('is fixed where it is pinned, and worked out where it cannot be', () => {
    const pins = [{ week: 1, volume: 48_000 }];
    expect(statesOf({ ...given, pins })[0]).toBe('fixed');
    const [week] = layOut(given).weeks;
    expect(week && stateOf(week, undefined, askedIn(given))).toBe('worked-out');
  });
});

describe('the aims of a plan that was edited', () => {
  const none = { start: false, peak: false, longRunStart: false, longRunPeak: false };
  /** As it is stored: an edit writes every answer down. */
  const edited = (spec: BlockSpec, pins: BlockSpec['pins'] = []): BlockSpec => ({
    ...settledSpec(spec),
    pins,
  });

  it('are nobody’s where they would be worked out the same', () => {
    expect(askedIn(edited(given))).toEqual({
      ...none,
      start: true,
      peak: true,
      longRunStart: true,
      longRunPeak: true,
    });
    expect(ownAims(edited(given))).toEqual(none);
  });

  it('are the coach’s where they were asked', () => {
    expect(ownAims(edited({ ...given, volume: { peak: 70_000 } }))).toEqual({
      ...none,
      peak: true,
    });
    const asked = { ...given, volume: { start: 52_000 }, longRun: { peak: 30_000 } };
    expect(ownAims(edited(asked))).toEqual({ ...none, start: true, longRunPeak: true });
  });

  it('are nobody’s where only both together would be worked out the same', () => {
    const small: BlockSpec = {
      athlete: {
        basis: 'time',
        oftenHurt: true,
        results: [{ date: '2027-02-26', distance: 10_000, time: 3250 }],
      },
      race: { name: 'Gullstone 10', date: '2027-06-06', distance: 10_000 },
      weeks: 12,
      week: { runDays: 3 },
    };
    const { volume, ...rest } = settledSpec(small);
    const startAlone = settledSpec({ ...rest, volume: { ...volume, start: undefined } });
    expect(startAlone.volume.start).toBeGreaterThan(volume.start);
    expect(ownAims(edited(small))).toEqual(none);
  });

  it('are no more asked for a week that is fixed, though it changes what the runs come to', () => {
    const short: BlockSpec = {
      athlete: { recentWeeks: [30_000, 30_000, 30_000, 30_000] },
      race: { name: 'Gullstone 10', date: '2027-06-06', distance: 10_000 },
      weeks: 12,
    };
    const pins = [{ week: 6, volume: 20_000 }];
    // Worked out with that week the peak would be 43.8 km, and was 45 before.
    expect(settledSpec(short).volume.peak).toBe(45_000);
    expect(settledSpec({ ...short, pins }).volume.peak).toBe(43_800);
    expect(ownAims(edited(short, pins))).toEqual(none);
  });
});
