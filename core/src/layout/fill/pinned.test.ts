import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { defaultBlocks } from '../../testing/default-blocks.js';
import { marathon } from '../../testing/examples.js';
import type { Week } from '../block/week.js';

const km = ({ days }: Week) => days.map(({ distance }) => distance / 1000);
const roles = ({ days }: Week) => days.map(({ role }) => role);

/** The last week of a block with its volume fixed, km. */
function raceWeek(spec: BlockSpec, volume: number): Week {
  const { weeks } = layOut({ ...spec, pins: [{ week: spec.weeks ?? 0, volume: 1000 * volume }] });
  return weeks.at(-1) as Week;
}

/** Ten kilometres on a Sunday, 48 km a week. */
const tenKm: BlockSpec = {
  athlete: {
    name: 'Idris Vale',
    recentWeeks: [48_000],
    results: [{ date: '2027-01-10', distance: 10_000, time: 2400 }],
  },
  race: { name: 'Gull Point Ten', date: '2027-05-09', distance: 10_000 },
  weeks: 12,
  week: { runDays: 5 },
};

describe('a week that the coach fixed', () => {
  it('stays as it is where it is fixed at what it comes to', () => {
    for (const [called, spec] of defaultBlocks) {
      const { volume, longRun, week } = layOut(spec).spec;
      // Three runs hold less than is meant for them, and a taper is a little less than its share.
      if (week.runDays < 4) continue;
      const given = { ...spec, volume, longRun, week };
      const free = layOut(given);
      const pins = free.weeks.map((each) => ({ week: each.number, volume: each.volume }));
      const fixed = layOut({ ...given, pins });
      const moved = free.weeks.filter(
        (each, index) =>
          each.taperShare === 1 && km(each).join() !== km(fixed.weeks[index] as Week).join(),
      );
      expect([called, moved.map(({ number }) => number)]).toEqual([called, []]);
    }
  });

  it('takes nothing more to the eve of the race, and the most to the days farthest from it', () => {
    // 25 min at easy pace are 4 km.
    const free = layOut(tenKm).weeks.at(-1) as Week;
    expect(km(free)[5]).toBeLessThan(5);
    for (const volume of [30, 35, 40]) {
      const week = raceWeek(tenKm, volume);
      expect(week.distance).toBe(1000 * volume);
      const [, tuesday = 0, , thursday = 0, , saturday] = km(week);
      expect(saturday).toBe(km(free)[5]);
      expect(tuesday).toBeGreaterThan(thursday);
    }
  });

  it('keeps the eve of a race on the way short', () => {
    const day = '2027-04-04';
    const event = { kind: 'tune-up-race', name: 'Pier Five', from: day, to: day } as const;
    const { weeks } = layOut({
      ...tenKm,
      events: [{ ...event, distance: 5000 }],
      pins: [{ week: 7, volume: 70_000 }],
    });
    const eve = weeks[6]?.days[5];
    expect(weeks[6]?.distance).toBe(70_000);
    expect(eve?.date).toBe('2027-04-03');
    expect(eve?.distance).toBeLessThanOrEqual(7000);
  });

  it('is run twice on some days where single runs would be too long', () => {
    const heavy = layOut({ ...marathon, pins: [{ week: 12, volume: 130_000 }] }).weeks[11] as Week;
    expect(heavy.distance).toBe(130_000);
    const twice = heavy.days.filter(
      ({ sessions }) => sessions.filter(({ kind }) => kind === 'run').length > 1,
    );
    expect(twice.length).toBeGreaterThan(1);
    const runs = heavy.days.flatMap(({ role, sessions }) =>
      role === 'long' ? [] : sessions.map(({ distance }) => distance),
    );
    expect(Math.max(...runs)).toBeLessThanOrEqual(0.85 * heavy.longRun);
    // Nobody under 18 runs twice a day.
    const young = { ...marathon, athlete: { ...marathon.athlete, birthYear: 2012 } };
    const junior = layOut({ ...young, pins: [{ week: 12, volume: 130_000 }] }).weeks[11] as Week;
    expect(junior.days.every(({ sessions }) => sessions.length < 2)).toBe(true);
  });

  it('lengthens the long run with a week over the peak, as far as its caps let it', () => {
    // The example’s peak is 92 km with a long run of 32; week 10 has 27 in 79.
    const usual = layOut(marathon).weeks.map(({ longRun }) => longRun);
    expect(usual.slice(8, 11)).toEqual([26_000, 27_000, 28_000]);
    // 27 x 110 / 92 are 32; from 26 in week 9 it may grow by 3. The ladder goes on as it would.
    const { weeks } = layOut({ ...marathon, pins: [{ week: 10, volume: 110_000 }] });
    expect(weeks.slice(8, 11).map(({ longRun }) => longRun)).toEqual([26_000, 29_000, 28_000]);
    // Up to the peak it is what its rung says.
    const lower = layOut({ ...marathon, pins: [{ week: 10, volume: 90_000 }] }).weeks[9];
    expect(lower?.longRun).toBe(27_000);
  });

  it('is run on as many days as the athlete runs, where a Saturday race takes the place of one', () => {
    const half: BlockSpec = {
      ...tenKm,
      athlete: { ...tenKm.athlete, recentWeeks: [38_000] },
      race: { name: 'Kestrel Half', date: '2027-05-08', distance: 21_097.5 },
      week: { runDays: 4 },
    };
    const free = layOut(half);
    // Tuesday, the eve, and the race.
    expect(free.weeks.at(-1)?.runDays).toBe(2);
    const week = raceWeek(half, 22);
    expect(week.runDays).toBe(3);
    expect(roles(week)[0]).toBe('easy');
    expect(km(week)[4]).toBe(km(free.weeks.at(-1) as Week)[4]);
    // What holds its volume stays.
    expect(raceWeek(half, 10).runDays).toBe(2);
    // A day on which the coach wants rest, or the athlete cannot run, stays one.
    const rested = { ...half, week: { runDays: 4, restOn: ['monday' as const] } };
    expect(roles(raceWeek(rested, 22))[0]).toBe('rest');
    const away = { ...half, athlete: { ...half.athlete, unavailable: ['monday' as const] } };
    expect(roles(raceWeek(away, 22))[0]).toBe('rest');
  });
});
