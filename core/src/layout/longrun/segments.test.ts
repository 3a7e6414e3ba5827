import { describe, expect, it } from 'vitest';
import { segmentNames } from '../../spec/choices/index.js';
import { segmentSchools } from '../schools/index.js';
import { defaultPaces } from '../../paces/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { longRunWords } from '../fill/session-words.js';

const laid = (segment: (typeof segmentNames)[number]) =>
  layOut({ ...marathon, longRun: { ...marathon.longRun, segment } }).weeks;

describe('segments of long runs', () => {
  // From the first third on and not in the foundation: long runs of weeks 7, 9, 10, 11, 13, 14
  // and 15 build; every second one counted back from the peak carries.
  it('race-pace finish: hand-worked, from a quarter to half of the run', () => {
    const carried = laid('race-pace-finish').flatMap(({ number, longRun, segment }) =>
      segment ? [[number, longRun, segment.amount, segment.before]] : [],
    );
    expect(carried).toEqual([
      [7, 24_000, 6000, 18_000],
      [10, 27_000, 9000, 18_000],
      [13, 30_000, 13_000, 17_000],
      [15, 32_000, 16_000, 16_000],
      // Near the race shorter, and slightly faster.
      [16, 25_000, 6000, 19_000],
    ]);
    expect(laid('race-pace-finish')[15]?.segment?.offset).toEqual([-5, -5]);
  });

  it('is in no long run of the quiet days before the race, but where the coach names its week', () => {
    // A race on a Monday: the one long run after the peak is eight days out.
    const quiet = (segmentWeeks?: number[]) =>
      layOut({
        athlete: { recentWeeks: [60_000, 60_000, 60_000, 60_000] },
        race: { name: 'Lantern Bay', date: '2027-03-22', distance: 16_093.44 },
        weeks: 12,
        phases: { layout: 'four-equal-parts' },
        taper: { school: 'evidence' },
        longRun: { segment: 'progression', segmentWeeks },
      }).weeks[9];
    const sunday = quiet()?.days.find(({ date }) => date === '2027-03-14');
    expect(sunday).toMatchObject({ role: 'long', hardTime: 0 });
    expect(quiet()?.segment).toBeUndefined();
    expect(quiet([10])?.segment).toBeDefined();
  });

  it('is a part of its run, where the week before it held that one down', () => {
    // A first long run of 1 km leaves week 1 no more than 5 km, and those after it 2 of the 10 km meant.
    const { weeks } = layOut({
      race: { name: 'Lantern Bay', date: '2024-01-01', distance: 800 },
      weeks: 8,
      longRun: { start: 10_000, segment: 'progression' },
      pins: [{ week: 1, longRun: 1000 }],
    });
    const carried = weeks.flatMap(({ segment, longRun }) =>
      segment ? [{ segment, longRun }] : [],
    );
    expect(carried.length).toBeGreaterThan(0);
    expect(carried.some(({ longRun }) => longRun < 10_000)).toBe(true);
    for (const { segment, longRun } of carried) {
      expect(segment.before + segment.amount + segment.after).toBe(longRun);
    }
  });

  it('counts by time as what is run of it: a week of minutes is a third hard at the most', () => {
    const { weeks } = layOut({
      athlete: {
        basis: 'time',
        recentWeeks: [10_800, 10_800, 10_800, 10_800],
        results: [{ date: '2027-01-02', distance: 5000, time: 1397 }],
      },
      race: { name: 'Lantern Bay', date: '2027-03-14', distance: 10_000 },
      weeks: 12,
      phases: { layout: 'base-strength-intervals-taper' },
      longRun: { segment: 'middle-block' },
      week: { runDays: 3 },
    });
    const hard = weeks
      .filter(({ kind }) => kind === 'building')
      .map(({ hardDistance, distance }) => hardDistance / distance);
    expect(Math.max(...hard)).toBeGreaterThan(0.25);
    expect(Math.max(...hard)).toBeLessThanOrEqual(1 / 3);
  });

  it('the middle block has easy running on either side', () => {
    const week = laid('middle-block')[14];
    expect(week?.segment).toMatchObject({ before: 8000, amount: 16_000, offset: [0, 0] });
    const long = week?.days.find(({ role }) => role === 'long');
    expect(long?.sessions).toMatchObject([
      { shorthand: '8 km easy; 16 km @ race pace; 8 km easy', hardDistance: 16_000 },
    ]);
  });

  it('is in no week of rest, though its long run meets a cap', () => {
    const ill = { kind: 'illness', name: 'A cold', from: '2027-03-15', to: '2027-03-18' } as const;
    const longRun = { ...marathon.longRun, segment: 'race-pace-finish' } as const;
    const { weeks } = layOut({ ...marathon, longRun, events: [ill] });
    expect(weeks[7]).toMatchObject({ kind: 'recovery', longRunRule: 'share-cap' });
    const carry = weeks.flatMap(({ number, segment }) => (segment ? [number] : []));
    // Of 7, 9, 10, 11 and 13, the peak, every second one, counted back; and one after it.
    expect(carry).toEqual([7, 10, 13, 16]);
  });

  it('is in every long run, or in the weeks that are named, whatever their phase', () => {
    const inWeeks = (part: object) =>
      layOut({
        ...marathon,
        longRun: { ...marathon.longRun, segment: 'race-pace-finish', ...part },
      }).weeks.flatMap(({ number, segment }) =>
        segment ? [[number, segment.amount, segment.offset[0]]] : [],
      );
    expect(inWeeks({ segmentEvery: 1 }).map(([number]) => number)).toEqual([
      7, 9, 10, 11, 13, 14, 15, 16,
    ]);
    // A quarter of 21, three eighths of 27 and half of 32 km; then a quarter of 25, quicker.
    expect(inWeeks({ segmentWeeks: [3, 10, 15, 16] })).toEqual([
      [3, 5000, 0],
      [10, 10_000, 0],
      [15, 16_000, 0],
      [16, 6000, -5],
    ]);
    expect(inWeeks({ segmentWeeks: [] })).toEqual([]);
  });

  it('comes down after the peak of a ladder that is fixed to the end, in every school', () => {
    const ladder = [18, 20, 22, 24, 26, 28, 30, 32, 24, 18, 12];
    const pins = ladder.map((km, index) => ({ week: index + 7, longRun: 1000 * km }));
    const of = (segment: 'race-pace-finish' | 'middle-block' | 'progression') =>
      layOut({ ...marathon, pins, longRun: { ...marathon.longRun, segment } }).weeks.flatMap(
        (week) =>
          week.segment ? [[week.number, week.segment.amount, week.segment.offset[1]]] : [],
      );
    // Weeks 14 and 15 are the peak and the one after it: half of 32, then a quarter of 24 km.
    expect(of('race-pace-finish').slice(-2)).toEqual([
      [14, 16_000, 0],
      [15, 6000, -5],
    ]);
    expect(of('middle-block').at(-1)).toEqual([15, 5000, -5]);
    expect(of('progression').at(-1)).toEqual([15, 8000, -15]);
  });

  it('its words add up in tenths: 12.44 + 6.44 + 12.12 km are 31, written 12.5 + 6.4 + 12.1', () => {
    const segment = {
      name: 'middle-block',
      before: 12_440,
      amount: 6440,
      after: 12_120,
      offset: [0, 0],
    } as const;
    const words = longRunWords({ amount: 31_000 }, segment, {
      counted: { basis: 'distance', unit: 'km' },
      table: defaultPaces,
    });
    expect(words).toBe('12.5 km easy; 6.4 km @ race pace; 12.1 km easy');
  });

  it('the progression walks from 45 s slower to 10 s faster', () => {
    expect(segmentSchools.progression.shape({ progress: 1, afterPeak: false })).toEqual({
      from: expect.closeTo(1 / 3, 9) as number,
      part: expect.closeTo(2 / 3, 9) as number,
      offset: [45, -10],
    });
  });

  it('all easy holds nothing', () => {
    expect(laid('easy').every(({ segment }) => segment === undefined)).toBe(true);
  });

  it.each(segmentNames)('%s: never in a recovery week, never longer than its run', (name) => {
    for (const { segment, recovery, longRun } of laid(name)) {
      if (!segment) continue;
      expect(recovery).toBe(false);
      expect(segment.before + segment.amount).toBeLessThanOrEqual(longRun);
    }
  });
});
