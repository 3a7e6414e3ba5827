import { describe, expect, it } from 'vitest';
import { addDays, type CivilDate, weekdayOf } from './base/index.js';
import { layOut } from './lay-out.js';
import type { Week } from './layout/block/index.js';
import { whyLongRun } from './present/index.js';
import type { BlockEvent } from './spec/days/index.js';

/** Goals and athletes of all kinds, with days away in a building week: the one from this Monday on. */
const MONDAY = '2027-03-15';
const INDEX = 5;

const athletes = [
  { weekly: 25, runDays: 3 },
  { weekly: 40, runDays: 4 },
  { weekly: 55, runDays: 5 },
  { weekly: 80, runDays: 6 },
  { weekly: 120, runDays: 7 },
];
const goals = [1500, 5000, 10_000, 21_097.5, 42_195];
const bases = ['distance', 'time'] as const;
const blocks = athletes.flatMap((athlete) =>
  goals.flatMap((goal) => bases.map((basis) => ({ ...athlete, goal, basis }))),
);

function laid({ weekly, runDays, goal, basis }: (typeof blocks)[number], events: BlockEvent[]) {
  const week = basis === 'time' ? 330 * weekly : 1000 * weekly;
  return layOut({
    athlete: {
      basis,
      recentWeeks: Array.from({ length: 4 }, () => week),
      results: [{ date: '2027-01-10', distance: 10_000, time: 2700 }],
    },
    race: { name: 'Lantern Bay', date: '2027-05-09', distance: goal },
    weeks: 13,
    week: { runDays },
    events,
  });
}

function away(from: number, to = from): BlockEvent {
  return { kind: 'away', name: 'Away', from: addDays(MONDAY, from), to: addDays(MONDAY, to) };
}

describe.each(blocks)('$weekly km in $runDays days for $goal m, by $basis', (of) => {
  const usual = laid(of, []);
  const weekOf = (...events: BlockEvent[]) => laid(of, events).weeks[INDEX] as Week;
  const { days, longRun } = usual.weeks[INDEX] as Week;
  const [longRunOn, ...others] = [6, 0, 1, 2, 3, 4, 5].filter((at) => days[at]?.role !== 'rest');

  it('lays days away in the week that is looked at', () => {
    expect(days[0]?.date).toBe(MONDAY);
    expect(usual.weeks[INDEX]).toMatchObject({ kind: 'building', recovery: false });
    expect(days[longRunOn ?? 0]?.role).toBe('long');
  });

  it('takes nothing by a day away on which nobody runs', () => {
    const rests = days.flatMap(({ role }, at) => (role === 'rest' ? [away(at)] : []));
    for (const rest of rests) {
      const block = laid(of, [rest]);
      const run = ({ weeks }: typeof block) =>
        weeks.map((week) => week.days.map(({ role, sessions }) => ({ role, sessions })));
      expect(run(block), weekdayOf(rest.from)).toEqual(run(usual));
    }
  });

  it('leaves the long run its length where another day is away', () => {
    for (const at of others) {
      const week = weekOf(away(at));
      expect(week.longRun, weekdayOf(addDays(MONDAY, at))).toBeGreaterThanOrEqual(0.8 * longRun);
    }
  });

  it.each([
    [0, 2],
    [1, 3],
    [4, 4],
    [5, 6],
    [6, 6],
    [0, 6],
  ])(
    'runs on no day from the %i th to the %i th, stuffs no other, and asks for no caution',
    (from, to) => {
      const block = laid(of, [away(from, to)]);
      const week = block.weeks[INDEX] as Week;
      const on = (date: CivilDate) => date >= addDays(MONDAY, from) && date <= addDays(MONDAY, to);
      expect(week.days.filter(({ date, time }) => on(date) && time > 0)).toEqual([]);
      expect(block.findings.filter(({ level }) => level !== 'note')).toEqual([]);
      const most = Math.max(week.longRun, ...days.map((day) => day[of.basis]));
      expect(Math.max(...week.days.map((day) => day[of.basis]))).toBeLessThanOrEqual(most);
      expect(week.volume).toBeLessThanOrEqual(
        1.1 * Math.max(...usual.weeks.map(({ volume }) => volume)),
      );
    },
  );
});

describe('a week with little left of it', () => {
  const ran = (events: BlockEvent[], given: Partial<Parameters<typeof layOut>[0]> = {}) => {
    const block = layOut({
      athlete: { recentWeeks: [98_000, 98_000, 93_100, 98_000] },
      race: { name: 'Lantern Bay', date: '2027-06-07', distance: 21_097.5 },
      weeks: 20,
      week: { runDays: 7 },
      events,
      ...given,
    });
    const why = block.weeks.map((week) => whyLongRun(block, week));
    const km = block.weeks.map(({ days }) => days.map(({ distance }) => distance / 1000));
    return { km, why };
  };

  it('home on its Sunday alone, runs on it what a seventh of the week is, and on no day away', () => {
    const to = { to: '2027-05-01' };
    const { km, why } = ran([{ kind: 'away', name: 'Away', from: '2027-04-25', ...to }]);
    // A week of rest after 104 km: 104 * 0.75 / 7 = 11 km.
    expect(km[13]).toEqual([0, 0, 0, 0, 0, 0, 11]);
    expect(why[13]).toMatch(/^Cut for what stands in this week: 11 km of 11 km, 100%; about /);
  });

  it('on holiday, has no run that is shorter than the shortest', () => {
    const away = {
      kind: 'holiday',
      name: 'Holiday',
      from: '2027-04-26',
      to: '2027-05-02',
    } as const;
    const { km } = ran([away], {
      athlete: { recentWeeks: [56_000, 56_000, 53_200, 56_000] },
      race: { name: 'Pier Mile', date: '2027-06-05', distance: 1500 },
      weeks: 14,
    });
    // Half of 4, 8, 8, 8, 9, 6 and 15 km, but of Monday’s; the week of 29 is dealt out.
    expect(km[8]).toEqual([3, 3, 4, 4, 4, 3, 8]);
  });

  it('of rest without its long run, runs no day as long as a building week does', () => {
    const { km } = ran(
      [{ kind: 'tune-up-race', name: 'Gullstone', from: '2027-04-13', distance: 3000 }],
      {
        athlete: { recentWeeks: [112_000, 112_000, 106_400, 112_000] },
        race: { name: 'Lantern Bay', date: '2027-06-07', distance: 10_000 },
        weeks: 16,
        weekStartsOn: 'sunday',
      },
    );
    // From Wednesday on: a quarter off each, in whole kilometres.
    expect(km[6]?.slice(3)).toEqual([19, 15, 19, 15]);
    expect(km[7]?.slice(3)).toEqual([15, 12, 15, 12]);
  });
});

describe('a taper that no whole week stands before', () => {
  it('falls week by week, whatever its runs hold', () => {
    // Ill from week 1 to week 2 of five; the last taper week holds 4 km in three short runs.
    const { weeks } = layOut({
      athlete: { name: 'Idris Vale', unit: 'km' },
      race: { name: 'Pier Mile', date: '2032-04-05', distance: 1609.344 },
      start: '2032-03-06',
      weekStartsOn: 'wednesday',
      volume: {
        start: 17_000,
        peak: 20_806,
        growth: { school: 'straight-to-peak' },
        recovery: { depth: 0.1, reEntry: 'one-step-above' },
      },
      longRun: { ladder: 'straight' },
      taper: { school: 'long-descent' },
      events: [{ kind: 'illness', name: 'Ill', from: '2032-03-10', to: '2032-03-16' }],
    });
    const taper = weeks.filter(({ taperShare }) => taperShare < 1).map(({ volume }) => volume);
    expect(taper).toHaveLength(2);
    expect(taper[1]).toBeLessThanOrEqual(taper[0] ?? 0);
  });

  it('comes down from the weeks that were run, where the only whole one was to be nothing', () => {
    const { weeks } = layOut({
      athlete: { name: 'Idris Vale', unit: 'km', longestRecentRun: 3000 },
      race: { name: 'Pier 800', date: '2024-01-01', distance: 800 },
      weeks: 7,
      phases: { layout: 'four-equal-parts' },
      volume: { start: 10_000, peak: 10_000, peakWeek: 1, recovery: { every: 3 } },
      longRun: { lastPeakWeeksOut: 1 },
      events: [{ kind: 'illness', name: 'Ill', from: '2023-11-26', to: '2023-11-30' }],
      pins: [{ week: 4, volume: 0 }],
    });
    for (const { number, volume, distance } of weeks) expect(distance, `${number}`).toBe(volume);
    expect(weeks[4]?.volume).toBeGreaterThan(0);
  });
});
