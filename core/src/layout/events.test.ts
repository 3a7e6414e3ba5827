import { describe, expect, it } from 'vitest';
import type { BlockEvent } from '../spec/days/index.js';
import { addDays, sum } from '../base/index.js';
import { defaultHouseRules } from '../rules/index.js';
import { layOut } from '../lay-out.js';
import { validateSpec } from './validate/validate.js';
import { marathon } from '../testing/examples.js';
import { eventDays, weeksOfEvents } from './events/event-days.js';

// Week 10 of the example begins on Monday 15 February 2027, and follows week 9, which builds to 77 km
// when week 10 does not rise.
const monday = '2027-02-15';
const day = (after: number) => addDays(monday, after);
const stay = (kind: BlockEvent['kind'], from: number, to: number): BlockEvent => ({
  kind,
  name: 'Ostrel',
  from: day(from),
  to: day(to),
});
const race = (after: number, distance = 10_000): BlockEvent => ({
  kind: 'tune-up-race',
  name: 'Gullstone 10',
  from: day(after),
  distance,
});
const laid = (...events: BlockEvent[]) => layOut({ ...marathon, events });
const week10 = (...events: BlockEvent[]) => {
  const week = laid(...events).weeks[9];
  if (!week) throw new Error('no week 10');
  return week;
};
const roles = (...events: BlockEvent[]) => week10(...events).days.map(({ role }) => role);

const weekFrom = (start: string) => ({ start, length: 7, kind: 'building' as const });
/** Races ask of no day whether one would have run. */
const noneAsked = () => [];

describe('what events ask of days', () => {
  it('a 10 km race: three days at 70% before, three easy days after', () => {
    const days = eventDays([race(6)], defaultHouseRules);
    expect([3, 4, 5].map((after) => days.get(day(after))?.running)).toEqual([0.7, 0.7, 0.7]);
    expect(days.get(day(2))).toBeUndefined();
    expect([7, 8, 9].map((after) => days.get(day(after)))).toEqual(
      Array(3).fill({ running: 1, easy: true }),
    );
    // 6.1 days of 7, to a thousandth.
    expect(weeksOfEvents([weekFrom(monday)], days, defaultHouseRules, noneAsked)).toEqual([
      { running: 0.871, eased: 0.871, raced: 10_000, ill: false },
    ]);
  });

  it('lowers its own week where those days lie in the week before, and both where they lie in both', () => {
    const before = weekFrom(day(-7));
    const both = (after: number, distance?: number) => {
      const race10 = race(after);
      const events = [distance === undefined ? race10 : { ...race10, distance }];
      const days = eventDays(events, defaultHouseRules);
      return weeksOfEvents([before, weekFrom(monday)], days, defaultHouseRules, noneAsked).map(
        ({ running }) => running,
      );
    };
    // A Monday: three days before it, Friday to Sunday. A Tuesday: two of them, and Monday.
    expect(both(0)).toEqual([0.871, 0.871]);
    expect(both(1)).toEqual([0.914, 0.871]);
    expect(both(3)).toEqual([1, 0.871]);
    expect(both(0, 1500)).toEqual([0.957, 0.957]);
  });

  it('a short race: one day at 70%, but nothing hard for two', () => {
    const days = eventDays([{ ...race(6), distance: 1500 }], defaultHouseRules);
    expect(days.get(day(5))).toEqual({ running: 0.7, easy: true });
    expect(days.get(day(4))).toEqual({ running: 1, easy: true });
    expect(days.get(day(3))).toBeUndefined();
  });

  it('an illness: how far one is back', () => {
    const days = eventDays([stay('illness', 0, 3)], defaultHouseRules);
    const back = [3, 4, 5, 6, 7, 8].map((after) => days.get(day(after))?.back);
    expect(back).toEqual([undefined, 'first', 'second', 'later', 'later', undefined]);
  });

  it('an illness of three days: nothing, then three days at three quarters', () => {
    const days = eventDays([stay('illness', 0, 2)], defaultHouseRules);
    expect([0, 2, 3, 5, 6].map((after) => days.get(day(after))?.running)).toEqual([
      0,
      0,
      0.75,
      0.75,
      undefined,
    ]);
  });

  it('the lesser running where two meet, and more only in a camp that asks for it', () => {
    const both = eventDays([race(6), stay('holiday', 4, 4)], defaultHouseRules);
    expect(both.get(day(4))?.running).toBe(0.5);
    const camp = { ...stay('camp', 0, 6), running: 1.2 };
    expect(eventDays([camp], defaultHouseRules).get(day(0))?.running).toBe(1.2);
  });
});

describe('a week that is laid out around', () => {
  it('a race on Sunday: 87% of week 9, the race in it, the long run cut and moved', () => {
    const week = week10(race(6));
    // 77 km × 6.1/7 are 67.1 at most; what Wednesday gives up the day before the long run lands nowhere.
    expect(week).toMatchObject({ volume: 65_000, volumeRule: 'event' });
    const days = week.days.map(({ role, distance }) => [role, distance]);
    // Two kilometres to warm up, the race, two to cool down.
    expect(days[6]).toEqual(['tune-up', 14_000]);
    const raced = '2 km easy; 10 km @ effort 9 [Gullstone 10]; 2 km easy';
    expect(week.days[6]?.sessions[0]?.shorthand).toBe(raced);
    // A third off 26 km, three days or more from the race.
    expect(days[3]).toEqual(['long', 17_000]);
    expect(sum(week.days.map(({ distance }) => distance))).toBe(65_000);
    expect(roles(race(6)).filter((role) => role !== 'rest')).toHaveLength(6);
  });

  it.each([
    [21_097.5, 'half marathon'],
    [8047, '5 mi'],
    [1500, '1500 m'],
  ])('writes a race of %d m as %s', (distance, words) => {
    const day = week10(race(6, distance)).days[6];
    expect(day?.sessions[0]?.shorthand).toContain(`; ${words} @ effort 9 [`);
  });

  it('is the long run of its week where the coach says so, and is not where they say it is not', () => {
    // 10 km are under half of the longest long run: by the rule one is run beside it.
    const chosen = (isLongRun: boolean, distance = 10_000) =>
      roles({ ...race(6, distance), isLongRun }).includes('long');
    expect(chosen(true)).toBe(false);
    expect(chosen(false)).toBe(true);
    // A half marathon is by the rule; beside it a long run is cut and moved when asked.
    expect(roles(race(6, 21_097.5)).includes('long')).toBe(false);
    expect(chosen(false, 21_097.5)).toBe(true);
    const test: BlockEvent = { kind: 'test', name: 'Goal pace', from: day(5), distance: 15_000 };
    expect(roles({ ...test, isLongRun: true }).includes('long')).toBe(false);
    expect(roles(test).includes('long')).toBe(true);
  });

  it('nothing of it is made up: the next week rises from the last building week', () => {
    const weeks = laid(race(6)).weeks.map(({ volume }) => volume);
    expect(weeks[10]).toBeLessThanOrEqual(77_000 * 1.1);
    expect(weeks[8]).toBeGreaterThan(weeks[9] ?? 0);
  });

  it('a test takes the place of quality, with an easy day on either side', () => {
    const test: BlockEvent = { kind: 'test', name: 'Time trial', from: day(2) };
    expect(roles(test)).toEqual(['easy', 'easy', 'test', 'rest', 'quality', 'short-easy', 'long']);
    // Of 77 km a day of the seven at 70%: 73.7, of which its runs hold 71, none longer than in week 9.
    expect(week10(test).volume).toBe(71_000);
  });

  it('days away have no running; what is left is its part of the week', () => {
    const week = week10(stay('away', 0, 3));
    // Three of six runs of 77 km leave 38.5. Friday and Saturday take no more than they did, 12 and 7,
    // and the long run what it may of three runs: half the week.
    expect(week.days.map(({ distance }) => distance / 1000)).toEqual([0, 0, 0, 0, 12, 7, 19]);
    expect(week.volume).toBe(38_000);
    expect(week.recovery).toBe(true);
  });

  it('a day away on which nobody runs takes nothing, nor does one whose run finds a day of rest', () => {
    const days = (...events: BlockEvent[]) =>
      week10(...events).days.map(({ sessions }) => sessions);
    // Thursday rests. Holiday there is as little.
    expect(laid(stay('away', 3, 3)).weeks[9]).toMatchObject({ volume: 79_000, running: 1 });
    expect(days(stay('away', 3, 3))).toEqual(days());
    expect(days(stay('holiday', 3, 3))).toEqual(days());
    expect(week10(stay('away', 2, 2))).toMatchObject({ volume: 79_000, volumeRule: 'rise' });
  });

  it('a day away leaves the long run of another day as long as its week bears it', () => {
    // Saturday and Friday away: one of the two runs finds Thursday. Five of six runs of 77 km bear 22.
    expect(week10(stay('away', 4, 5))).toMatchObject({ running: 0.833, longRun: 22_000 });
    // On holiday itself it is half of 26 km, or what it takes to be the longest run of its week.
    expect(week10(stay('holiday', 6, 6)).longRun).toBe(15_000);
  });

  it('a day that is run twice is no more than it was', () => {
    const roles = ['easy', 'quality', 'easy', 'rest', 'quality', 'easy', 'long'] as const;
    const days = roles.map((role) => (role === 'easy' ? { role, double: true } : { role }));
    const { weeks } = layOut({ ...marathon, week: { days }, events: [stay('holiday', 1, 1)] });
    const [before, cut] = [8, 9].map((at) => weeks[at]?.days.map(({ distance }) => distance) ?? []);
    expect(weeks[9]).toMatchObject({ volumeRule: 'event' });
    expect(cut?.filter((distance, at) => distance > (before?.[at] ?? 0))).toEqual([]);
  });

  it('a long run on the way back from an illness is easy, whatever its school has in it', () => {
    const longRun = { ...marathon.longRun, segment: 'race-pace-finish' } as const;
    const { weeks } = layOut({ ...marathon, longRun, events: [stay('illness', 0, 3)] });
    const long = (at: number) => weeks[at]?.days.find(({ role }) => role === 'long');
    expect(long(9)).toMatchObject({ date: day(6), hardTime: 0 });
    expect(long(11)?.hardTime).toBe(0);
    expect(long(12)?.hardTime).toBeGreaterThan(0);
  });

  it('a block of weeks that are all cut tapers from the heaviest of them', () => {
    const holiday: BlockEvent = { ...stay('holiday', 35, 46), running: 0.8 };
    const short = layOut({ race: marathon.race, weeks: 4, events: [holiday] });
    expect(short.weeks.map(({ volumeRule }) => volumeRule)).toEqual([
      'event',
      'event',
      'taper',
      'race',
    ]);
    expect(short.weeks[2]?.volume).toBeGreaterThan(0);
  });

  it('a week that rests anyway keeps its long run cut where other days are away', () => {
    // Of 160 km and more no share holds a long run down: a quarter off 34 km is 25.5.
    const { weeks } = layOut({
      athlete: { recentWeeks: [160_000, 160_000, 160_000, 160_000] },
      race: { name: 'Lantern Bay Marathon', date: '2027-06-13', distance: 42_195 },
      weeks: 14,
      week: { runDays: 7 },
      events: [{ kind: 'away', name: 'Ostrel', from: '2027-04-29', to: '2027-05-01' }],
    });
    expect(weeks[6]?.longRun).toBe(34_000);
    expect(weeks[7]).toMatchObject({ kind: 'recovery', volumeRule: 'event', longRun: 26_000 });
  });

  it('rest before a session changes places with a run after it where others are away at the weekend', () => {
    const athlete = { recentWeeks: [55_000, 55_000, 55_000, 55_000] };
    const away: BlockEvent = { kind: 'away', name: 'Ostrel', from: '2027-05-08', to: '2027-05-09' };
    const block = layOut({
      athlete,
      race: { name: 'Lantern Bay', date: '2027-06-13', distance: 10_000 },
      weeks: 12,
      events: [away],
    });
    const week = block.weeks[6]?.days.map(({ role }) => role);
    expect(week?.slice(0, 3)).toEqual(['short-easy', 'quality', 'rest']);
    expect(block.findings.map(({ check }) => check)).not.toContain('rest-before-hard');
  });

  it('a camp that asks for more has it, and is nothing to climb from', () => {
    const camp = laid({ ...stay('camp', 0, 6), running: 1.2 }).weeks;
    // A fifth more than the 77 km before it: 92.4.
    expect(camp[8]?.volume).toBe(77_000);
    expect(camp[9]).toMatchObject({ volume: 92_000, volumeRule: 'event', running: 1.2 });
    expect(camp[10]?.volume).toBe(82_000);
  });

  it('a run of a day away goes to the nearest day of rest, quality to an easy day, what else is hard stays', () => {
    // As asked: easy, quality, easy, rest, easy, short easy, long.
    const usual = roles();
    expect(usual).toEqual([
      'easy',
      'quality',
      'semi-long',
      'rest',
      'quality',
      'short-easy',
      'long',
    ]);
    const away = (from: number, to = from) => roles(stay('away', from, to));
    // What has moved between two hard days is no semi-long run.
    expect(away(2)).toEqual(['easy', 'quality', 'rest', 'easy', 'quality', 'short-easy', 'long']);
    // Tuesday’s quality finds Wednesday beside no other hard day, where Thursday rests before Friday’s.
    expect(away(1)).toEqual(['easy', 'rest', 'quality', 'easy', 'quality', 'short-easy', 'long']);
    // With three days away Friday’s session stays where it is.
    expect(away(0, 2)[4]).toBe('quality');
    expect(week10(stay('away', 0, 2)).days[4]?.hardTime).toBeGreaterThan(0);
  });

  it('a run never goes to a day of travel, or of another stay', () => {
    const found = roles(stay('away', 2, 2), { ...stay('travel', 3, 3), running: 0.5 });
    expect(found.slice(2, 4)).toEqual(['rest', 'rest']);
  });

  it('a week wholly away is empty, and the long run is not looked for', () => {
    const { weeks, findings } = laid(stay('away', 0, 6));
    expect(weeks[9]).toMatchObject({ volume: 0, longRun: 0, runDays: 0 });
    expect(findings.map(({ check }) => check)).not.toContain('growth-over-cap');
  });

  it('days away on the long run’s day move it to the nearest free one', () => {
    expect(roles(stay('away', 5, 6)).indexOf('long')).toBe(4);
  });

  it('two races is no more than it says, however long both are', () => {
    const events = [race(5, 42_195), race(6)];
    const [, week] = layOut({
      athlete: { name: 'Idris Vale', unit: 'km' },
      race: { name: 'Pier Marathon', date: '2027-06-06', distance: 42_195 },
      events: events.map((event, index) => ({
        ...event,
        from: index ? '2027-02-28' : '2027-02-27',
      })),
    }).weeks;
    // 42.2 and 10 km, and no room to warm up before the second.
    expect(week?.days.map(({ distance }) => distance)).toEqual([0, 0, 0, 0, 0, 42_195, 10_000]);
    expect(week?.volume).toBe(52_195);
  });
});

describe('events that cannot stand', () => {
  const problems = (events: BlockEvent[], part = {}) =>
    validateSpec({ ...marathon, ...part, events });

  it.each([
    ['a race after the goal', [{ ...race(0), from: '2027-04-19' }], 'event-after-race'],
    ['a race before the start', [{ ...race(0), from: '2026-12-01' }], 'event-before-start'],
    ['two stays on the same days', [stay('camp', 0, 6), stay('holiday', 4, 9)], 'events-overlap'],
    ['two races on one day', [race(6), race(6, 5000)], 'events-overlap'],
    ['a stay that ends before it begins', [stay('camp', 6, 0)], 'event-reversed'],
    [
      'a camp longer than the block',
      [{ ...stay('camp', 0, 0), from: '2026-12-01', to: '2027-05-01' }],
      'event-longer-than-block',
    ],
    [
      'a stay outside the block',
      [{ ...stay('camp', 0, 0), from: '2027-05-01', to: '2027-05-03' }],
      'event-outside-block',
    ],
    [
      'a stay over race day',
      [{ ...stay('travel', 0, 0), from: '2027-04-16', to: '2027-04-18' }],
      'event-over-race',
    ],
  ])('%s', (_, events, code) => {
    const [problem] = problems(events);
    expect(problem?.code).toBe(code);
    expect(problem?.message).toMatch(/[.]$/);
    expect(problem?.path[0]).toBe('events');
  });

  it('a race in a week pinned below it', () => {
    const pins = [{ week: 10, volume: 9000 }];
    expect(problems([race(6)], { pins }).map(({ code }) => code)).toEqual(['pin-under-race']);
    expect(problems([race(6)], { pins: [{ week: 10, volume: 10_000 }] })).toEqual([]);
  });

  it('a race inside a camp may', () => {
    expect(problems([stay('camp', 0, 6), race(3)])).toEqual([]);
  });
});
