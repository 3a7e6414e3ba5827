import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { handedOut } from '../../testing/handed-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { waysToPeak } from './ways-to-peak.js';

const spec: BlockSpec = {
  ...marathon,
  weeks: 16,
  volume: { start: 55_000, peak: 80_000 },
};

/** A block as it stands on a day, its days before handed out as another was laid. */
function underWay(asked: BlockSpec, before: BlockSpec, asOf: string) {
  return layOut(asked, { asOf, history: handedOut(layOut(before)) });
}

describe('ways to a peak that is not reached', () => {
  it('grow on from what was held, in the rises that are left', () => {
    const first = layOut(spec);
    // The race comes two weeks sooner: week 7 held 71 km, and only week 10 still rises.
    const sooner = { ...first.spec, weeks: 14, race: { ...spec.race, date: '2027-04-04' } };
    const block = underWay(sooner, { ...first.spec }, '2027-02-17');
    expect(first.weeks[6]?.volume).toBe(71_000);
    const { growth, ...others } = waysToPeak(block, '2027-02-17');
    expect(others).toEqual({});
    expect(growth).toBeCloseTo(80 / 71 - 1, 9);
  });

  it('are none where nobody should climb so steeply', () => {
    const volume = { start: 40_000, peak: 120_000 };
    const ways = waysToPeak(layOut({ ...spec, volume }), undefined);
    expect(ways.growth).toBeUndefined();
    // What it would take is said all the same: 120 over 40 km in so many rises.
    expect(ways.tooSteep).toBeGreaterThan(0.15);
  });

  it('are none beyond a tenth a week for the young and the often hurt', () => {
    const volume = { start: 55_000, peak: 100_000 };
    const ways = (athlete: object) =>
      waysToPeak(
        layOut({ ...spec, athlete: { ...marathon.athlete, ...athlete }, volume }),
        undefined,
      );
    expect(ways({}).growth).toBeGreaterThan(0.1);
    for (const careful of [{ birthYear: 2010 }, { oftenHurt: true }]) {
      expect(ways(careful).growth).toBeUndefined();
      expect(ways(careful).tooSteep).toBeGreaterThan(0.1);
    }
  });

  it('are more weeks before day one, until it has come', () => {
    const block = layOut({ ...spec, volume: { start: 55_000, peak: 110_000 } });
    expect(waysToPeak(block, undefined).weeks).toBeGreaterThan(0);
    expect(waysToPeak(block, block.spec.start).weeks).toBeUndefined();
  });

  it('are larger steps where weeks grow by steps, counted where they stand', () => {
    const growth = { school: 'step-and-hold', step: 3000, hold: 3 } as const;
    const block = layOut({ ...spec, volume: { start: 55_000, peak: 70_000, growth } });
    // Two steps of 3 km are taken, to 61: two of 8 km would reach 70.
    expect(Math.max(...block.weeks.map(({ volume }) => volume))).toBe(61_000);
    expect(waysToPeak(block, undefined)).toEqual({ step: 8000 });
  });

  it('are free weeks where fixed ones hold it down, and none where days away take them', () => {
    const pins = [9, 10, 11, 13].map((week) => ({ week, volume: 60_000 }));
    expect(waysToPeak(layOut({ ...spec, pins }), undefined)).toEqual({ heldBy: 'fixed-weeks' });
    const away = { kind: 'holiday', name: 'Away', from: '2027-01-04', to: '2027-03-26' } as const;
    const block = layOut({ ...spec, events: [away] });
    expect(waysToPeak(block, undefined)).toEqual({ heldBy: 'days-away' });
  });

  it('are longer long runs or another run where its runs hold no more', () => {
    const block = layOut({ ...spec, longRun: { peak: 12_000 }, week: { runDays: 3 } });
    expect(waysToPeak(block, undefined)).toEqual({ heldBy: 'runs' });
  });
});
