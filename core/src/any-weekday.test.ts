import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, differenceInDays, weekdayOf, weekdays } from './base/index.js';
import { type Day, isHardRunning } from './layout/block/index.js';
import { layOut } from './lay-out.js';
import type { BlockSpec } from './spec/index.js';
import { holdFor } from './testing/hold-for.js';

/** Long, quality, raced or tested: what neither stands the day before a race nor beside another. */
const isHardDay = (day: Day | undefined) =>
  day !== undefined && (day.role === 'long' || day.role === 'semi-long' || isHardRunning(day));

const athlete = (weekly: number): BlockSpec['athlete'] => ({
  recentWeeks: [weekly, weekly, weekly, weekly],
  results: [{ date: '2027-01-10', distance: 5000, time: 1150 }],
});

const daysOf = (given: BlockSpec) => layOut(given).weeks.flatMap(({ days }) => days);

const race = (date: string, distance: number) => ({ name: 'Lantern Bay', date, distance });

const anyBlock = fc.record({
  weekly: fc.constantFrom(20_000, 35_000, 50_000, 75_000, 110_000),
  distance: fc.constantFrom(1500, 5000, 10_000, 21_097.5, 42_195),
  raceOn: fc.integer({ min: 0, max: 6 }).map((day) => addDays('2027-05-31', day)),
  weekStartsOn: fc.constantFrom('monday', 'saturday', 'sunday' as const),
  longRunOn: fc.constantFrom('sunday', 'saturday', 'wednesday' as const),
});

const blockOf = ({ weekly, distance, raceOn, weekStartsOn, longRunOn }: Drawn): BlockSpec => ({
  athlete: athlete(weekly),
  race: race(raceOn, distance),
  weeks: 14,
  weekStartsOn,
  week: { longRunOn },
});
type Drawn = typeof anyBlock extends fc.Arbitrary<infer T> ? T : never;

describe('a race on the way on any weekday', () => {
  const onTheWay = fc.tuple(
    anyBlock,
    fc.integer({ min: 28, max: 70 }),
    fc.constantFrom(1500, 5000, 10_000),
  );

  it('has nothing hard or long on the two days before it, and little on its eve', () => {
    holdFor(
      fc.property(onTheWay, ([drawn, before, distance]) => {
        const from = addDays(drawn.raceOn, -before);
        const event = { kind: 'tune-up-race', name: 'Gullstone', from, distance } as const;
        const days = daysOf({ ...blockOf(drawn), events: [event] });
        const [two, one] = [2, 1].map((out) =>
          days.find(({ date }) => date === addDays(from, -out)),
        );
        expect([isHardDay(two), isHardDay(one)]).toEqual([false, false]);
        // A shake-out is 25 minutes, and half as much again 37 and a half, in whole kilometres.
        expect(one?.time ?? 0).toBeLessThanOrEqual(37.5 * 60 + 1);
      }),
    );
  });
});

describe('a goal race on any weekday', () => {
  it('is sharpened for once in the last six days, wherever the week ends', () => {
    holdFor(
      fc.property(anyBlock, fc.constantFrom(...weekdays), (drawn, taken) => {
        const given = blockOf(drawn);
        const days = daysOf({ ...given, athlete: { ...given.athlete, unavailable: [taken] } });
        const last = days.filter(({ date }) => {
          const out = differenceInDays(drawn.raceOn, date);
          return out >= 1 && out <= 6;
        });
        expect(last.filter(({ role }) => role === 'quality').length).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('leaves no hard day beside another, be the long run moved out of its last days', () => {
    holdFor(
      fc.property(anyBlock, (drawn) => {
        const days = daysOf({ ...blockOf(drawn), events: [] });
        days.forEach((day, index) => {
          const next = days[index + 1];
          const isPair = [day, next].every(
            (each) => each?.role === 'long' || each?.role === 'quality',
          );
          expect(isPair, day.date).toBe(false);
        });
      }),
    );
  });
});

describe('a day on which the athlete cannot run', () => {
  const event = fc.record({
    kind: fc.constantFrom('tune-up-race', 'test', 'away', 'holiday', 'illness' as const),
    before: fc.integer({ min: 10, max: 70 }),
    lasts: fc.integer({ min: 0, max: 8 }),
  });

  it('is run on by nobody, whatever stands near it: not off, and not away', () => {
    holdFor(
      fc.property(
        anyBlock,
        fc.constantFrom(...weekdays),
        event,
        (drawn, off, { kind, before, lasts }) => {
          const given = blockOf(drawn);
          const from = addDays(drawn.raceOn, -before);
          const to = addDays(from, Math.min(lasts, before - 1));
          const isRace = kind === 'tune-up-race' || kind === 'test';
          const of = isRace ? { distance: 5000 } : { to };
          const days = daysOf({
            ...given,
            athlete: { ...given.athlete, unavailable: [off] },
            events: [{ kind, name: 'Gullstone', from, ...of }],
          });
          const isRaced = ({ role }: Day) => ['race', 'test', 'tune-up'].includes(role);
          const isAway = (date: string) =>
            (kind === 'away' || kind === 'illness') && date >= from && date <= to;
          const ran = days.filter(({ date, time }) => {
            return time > 0 && (weekdayOf(date) === off || isAway(date));
          });
          expect(ran.filter((day) => !isRaced(day)).map(({ date }) => date)).toEqual([]);
        },
      ),
    );
  });
});

describe('a race on a Tuesday', () => {
  it('has no semi-long run on the Sunday before it, of another week', () => {
    const days = daysOf({
      athlete: athlete(75_000),
      race: race('2027-06-02', 1500),
      weeks: 14,
      week: { longRunOn: 'wednesday' },
      events: [{ kind: 'tune-up-race', name: 'Gullstone', from: '2027-05-04', distance: 1500 }],
    });
    const on = (date: string) => days.find((day) => day.date === date)?.role;
    expect([on('2027-04-18'), on('2027-05-02')]).toEqual(['semi-long', 'easy']);
  });
});

describe('a race on a day of its own', () => {
  it('takes the run of the day after it, not one later in the week', () => {
    const days = daysOf({
      athlete: { ...athlete(45_000), oftenHurt: true },
      race: race('2027-06-06', 3000),
      weeks: 12,
      week: { runDays: 3, longRunOn: 'sunday' },
      events: [{ kind: 'tune-up-race', name: 'Gullstone', from: '2027-05-10', distance: 5000 }],
    });
    const run = days.filter(({ date, distance }) => date >= '2027-05-10' && distance > 0);
    expect(run.slice(0, 3).map(({ date }) => weekdayOf(date))).toEqual([
      'monday',
      'thursday',
      'sunday',
    ]);
  });
});

describe('a week with a long run written on the eve of its race, and no other day before it', () => {
  const given: BlockSpec = {
    athlete: { longestRecentRun: 3000, results: [] },
    race: race('2031-11-18', 800),
    weeks: 4,
    volume: { start: 49_000, peak: 49_000 },
    week: { runDays: 2, longRunOn: 'monday' },
    days: [{ date: '2031-11-17', session: '2 x (4 x 300 m @ mile, 100 m jog), 5 min walk' }],
  };
  const ran = (spec: BlockSpec) => {
    const days = layOut(spec).weeks.at(-1)?.days ?? [];
    return days.filter(({ distance }) => distance > 0).map(({ date }) => date);
  };

  it('has nothing after the race, but for what the coach fixed', () => {
    expect(ran(given)).toEqual(['2031-11-17']);
    expect(ran({ ...given, pins: [{ week: 4, volume: 20_000 }] })).toHaveLength(2);
  });
});

describe('hard days where the long run asked for is not free', () => {
  it('stand around the day that it is run on', () => {
    const given: BlockSpec = {
      athlete: { ...athlete(50_000), unavailable: ['saturday'] },
      race: race('2027-06-06', 10_000),
      week: { longRunOn: 'saturday' },
    };
    const { week } = layOut(given).spec;
    expect(week.qualityOn).toEqual(['tuesday', 'friday']);
    const long = daysOf(given).filter(({ role }) => role === 'long');
    expect(new Set(long.map(({ date }) => weekdayOf(date)))).toEqual(new Set(['sunday']));
  });
});

describe('the week of a race that takes the long run', () => {
  it('holds runs as long as usual, not of the race’s length', () => {
    // Weeks from Sunday, a Tuesday: the long run has no day three days off it.
    const from = '2027-05-04';
    const block = layOut({
      athlete: athlete(90_000),
      race: race('2027-06-06', 21_097.5),
      weeks: 14,
      weekStartsOn: 'sunday',
      events: [{ kind: 'tune-up-race', name: 'Gullstone 5', from, distance: 5000 }],
    });
    const week = block.weeks.find(({ days }) => days.some(({ date }) => date === from));
    expect([week?.longRun, week?.volumeRule]).toEqual([0, 'event']);
    const easy = week?.days.filter(({ role }) => role === 'easy').map(({ distance }) => distance);
    // The race is 11 km with its warm-up: 0.85 of it were 9.
    expect(Math.max(...(easy ?? []))).toBeGreaterThan(11_000);
    expect(block.findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });
});

describe('a week of rest', () => {
  it('keeps the run days of the weeks around it, also where the next begins with a hard day', () => {
    // Long on Saturday, rest on Sunday, quality on Monday: the same Sunday rests in week 4.
    const block = layOut({
      athlete: athlete(60_000),
      race: race('2027-06-06', 10_000),
      weeks: 14,
      week: { runDays: 5, longRunOn: 'saturday' },
      events: [],
    });
    const runOn = (number: number) =>
      block.weeks[number - 1]?.days
        .filter(({ distance }) => distance > 0)
        .map(({ date }) => weekdayOf(date));
    expect(block.weeks[3]?.recovery).toBe(true);
    expect(runOn(4)).toEqual(runOn(5));
    expect(block.findings.filter(({ check }) => check === 'rest-before-hard')).toEqual([]);
  });
});

describe('the last peak long run', () => {
  it('stands as far from the race as a check asks, on whatever weekday', () => {
    // Of Wednesdays one is 11 days before a Sunday, one 18: twelve are the least.
    const block = layOut({
      athlete: athlete(60_000),
      race: race('2027-06-06', 5000),
      weeks: 12,
      week: { longRunOn: 'wednesday' },
    });
    const longest = Math.max(...block.weeks.map(({ longRun }) => longRun));
    const last = block.weeks.findLast(
      ({ longRun, longRunRule }) => longRun === longest && longRunRule !== 'after-peak',
    );
    const on = last?.days.find(({ role }) => role === 'long')?.date ?? '';
    expect(differenceInDays('2027-06-06', on)).toBeGreaterThanOrEqual(12);
    expect(block.findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });
});

describe('the cut of race week', () => {
  it('is told without a shake-out where nobody runs, a longer run on the eve told with it', () => {
    // A Tuesday: Mondays rest.
    const given: BlockSpec = {
      athlete: athlete(40_000),
      race: race('2027-06-08', 3000),
      weeks: 12,
    };
    const codes = (days: BlockSpec['days']) =>
      layOut({ ...given, days }).findings.map(({ check }) => check);
    expect(codes([])).not.toContain('taper-too-shallow');
    expect(codes([{ date: '2027-06-07', amount: 9000 }])).toContain('taper-too-shallow');
  });

  it('is told without a short run where nobody runs, as the long run’s day rests; a longer one is told', () => {
    // A Tuesday, six run days: the long run’s Sunday rests two days out, and Wednesday is run instead.
    const given: BlockSpec = {
      athlete: athlete(45_000),
      race: race('2027-06-08', 5000),
      weeks: 10,
      week: { runDays: 6 },
    };
    const [wednesday, sunday] = ['2027-06-02', '2027-06-06'].map((on) =>
      daysOf(given).find(({ date }) => date === on),
    );
    expect([wednesday?.distance, sunday?.distance]).toEqual([3000, 0]);
    const codes = (days: BlockSpec['days']) =>
      layOut({ ...given, days }).findings.map(({ check }) => check);
    expect(codes([])).not.toContain('taper-too-shallow');
    expect(codes([{ date: '2027-06-02', amount: 9000 }])).toContain('taper-too-shallow');
  });
});

describe('the last days before a race', () => {
  it('hold the last session whole on the weekday of the long run, four days out', () => {
    // Weeks from Sunday, long runs on Wednesdays, a race on a Sunday: the session is Wednesday’s.
    const block = layOut({
      athlete: {
        ...athlete(73_000),
        results: [{ date: '2027-01-10', distance: 10_000, time: 2445 }],
      },
      race: race('2027-06-06', 42_195),
      weekStartsOn: 'sunday',
      week: { runDays: 7, longRunOn: 'wednesday' },
    });
    const wednesday = block.weeks
      .flatMap(({ days }) => days)
      .find(({ date }) => date === '2027-06-02');
    expect(wednesday?.role).toBe('quality');
    expect(wednesday?.sessions[0]?.shorthand).toMatch(/; 2 x 3 min @ race pace, 2 min jog;/);
    expect(block.findings.map(({ check }) => check)).not.toContain('session-dropped');
  });

  it('hold no run of more than an hour and a half from ten days out', () => {
    // Weeks from Saturday, a race on one: the Thursday of the week before is nine days out, 95 minutes of its cut.
    const days = daysOf({
      athlete: {
        ...athlete(0),
        basis: 'time',
        recentWeeks: [32_825, 33_840, 33_163, 34_517],
        results: [{ date: '2027-01-02', distance: 5000, time: 1201 }],
      },
      race: race('2027-04-17', 16_093.44),
      weekStartsOn: 'saturday',
      weeks: 16,
      week: { runDays: 6 },
    });
    const quiet = days.filter(
      ({ date, role }) => date > '2027-04-07' && date < '2027-04-17' && role !== 'long',
    );
    const longest = Math.max(...quiet.flatMap(({ sessions }) => sessions.map(({ time }) => time)));
    expect(longest).toBeGreaterThan(80 * 60);
    expect(longest).toBeLessThanOrEqual(90 * 60);
  });
});

describe('a test in a building week', () => {
  it('lowers its week: no run is longer than on that day of the week before', () => {
    const from = '2027-05-13';
    const block = layOut({
      athlete: athlete(60_000),
      race: race('2027-06-06', 21_097.5),
      weeks: 14,
      events: [{ kind: 'test', name: 'Time trial', from, distance: 5000 }],
    });
    const index = block.weeks.findIndex(({ days }) => days.some(({ date }) => date === from));
    const [before, week] = [block.weeks[index - 1], block.weeks[index]];
    expect([week?.kind, week?.volumeRule]).toEqual(['building', 'event']);
    expect(week?.volume).toBeLessThan(before?.volume ?? 0);
    const longer = week?.days.filter(
      (day, at) =>
        day.role === 'easy' && day.distance > Math.max(before?.days[at]?.distance ?? 0, 9000),
    );
    expect(longer).toEqual([]);
  });
});
