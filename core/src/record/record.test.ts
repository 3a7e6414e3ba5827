import { describe, expect, it } from 'vitest';
import type { Measure } from '../base/index.js';
import {
  asPlanned,
  dayDone,
  isBlankMorning,
  printDone,
  readDone,
  readReps,
  readTimeDone,
  repsDone,
  startFromDiary,
  weatherCautions,
  weeksRun,
} from './index.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const mi: Measure = { basis: 'distance', unit: 'mi', step: 1 };
const byTime: Measure = { basis: 'time', unit: 'km', step: 1 };

const at = { date: '2027-02-09', place: 0 };
const planned = {
  date: '2027-02-09',
  distance: 10_000,
  time: 3000,
  sessions: [
    { kind: 'run', distance: 6000, time: 1800 },
    { kind: 'run', distance: 4000, time: 1200 },
    { kind: 'core', distance: 0, time: 600 },
  ],
  swap: undefined,
  beside: {},
};
const rest = { ...planned, distance: 0, time: 0, sessions: [] };

describe('what a coach types of a day that was run', () => {
  it.each([
    ['12', km, [{ kind: 'run', distance: 12_000 }]],
    ['7.5', mi, [{ kind: 'run', distance: 7.5 * 1609.344 }]],
    ['45', byTime, [{ kind: 'run', time: 2700 }]],
    ['12 km 1:02:30', km, [{ kind: 'run', distance: 12_000, time: 3750 }]],
    ['50:10', km, [{ kind: 'run', time: 3010 }]],
    [
      '6 + 4',
      km,
      [
        { kind: 'run', distance: 6000 },
        { kind: 'run', distance: 4000 },
      ],
    ],
    [
      '12,5 58:00, effort 4, felt fine, even at the end',
      km,
      [
        {
          kind: 'run',
          distance: 12_500,
          time: 3480,
          effort: 4,
          note: 'felt fine, even at the end',
        },
      ],
    ],
    ['10, hr 148', km, [{ kind: 'run', distance: 10_000, heart: 148 }]],
    ['pool 40 min', km, [{ kind: 'pool', time: 2400 }]],
    ['missed, ill', km, [{ kind: 'missed', reason: 'ill' }]],
    ['missed work', km, [{ kind: 'missed', reason: 'work' }]],
    ['ill, a cold', km, [{ kind: 'missed', reason: 'ill', note: 'a cold' }]],
    ['x', km, [{ kind: 'missed' }]],
    ['8 easy 42:10', km, [{ kind: 'run', distance: 8000, time: 2530, note: 'easy' }]],
    ['10k, 45:12, HR 148', km, [{ kind: 'run', distance: 10_000, time: 2712, heart: 148 }]],
    ['12.3 1:02:15 4/10', km, [{ kind: 'run', distance: 12_300, time: 3735, effort: 4 }]],
    ['12 km rpe 4 148 bpm', km, [{ kind: 'run', distance: 12_000, effort: 4, heart: 148 }]],
    // Ten kilometres at 5:10 are 51:40; an hour at 5:00 is 12 km; 8 miles at 7:30 are an hour.
    ['10 @ 5:10', km, [{ kind: 'run', distance: 10_000, time: 3100 }]],
    ['10 km, 5:10 /km', km, [{ kind: 'run', distance: 10_000, time: 3100 }]],
    ['60 min at 5:00/km', km, [{ kind: 'run', distance: 12_000, time: 3600 }]],
    ['8 @ 7:30', mi, [{ kind: 'run', distance: 8 * 1609.344, time: 3600 }]],
    ['1h05', km, [{ kind: 'run', time: 3900 }]],
    ['45\'30"', km, [{ kind: 'run', time: 2730 }]],
    ['bike 45', km, [{ kind: 'bike', time: 2700 }]],
    ['45 min bike', km, [{ kind: 'bike', time: 2700 }]],
    ['gym 30', km, [{ kind: 'strength', time: 1800 }]],
    ['8 km with walk breaks', km, [{ kind: 'run', distance: 8000, note: 'with walk breaks' }]],
    ['6m', mi, [{ kind: 'run', distance: 6 * 1609.344 }]],
    [
      'am 8, pm 5',
      km,
      [
        { kind: 'run', distance: 8000 },
        { kind: 'run', distance: 5000 },
      ],
    ],
    [
      '12 km, I am slow in the pm',
      km,
      [{ kind: 'run', distance: 12_000, note: 'I am slow in the pm' }],
    ],
    ['did not run, sick', km, [{ kind: 'missed', reason: 'ill' }]],
    ['rest', km, [{ kind: 'missed' }]],
    ['off road 10 km', km, [{ kind: 'run', distance: 10_000, note: 'off road' }]],
    ['8km/50min', km, [{ kind: 'run', distance: 8000, time: 3000 }]],
    ['1 hr 5 mins', km, [{ kind: 'run', time: 3900 }]],
    ['12ish', km, [{ kind: 'run', distance: 12_000 }]],
    ['~12,5', km, [{ kind: 'run', distance: 12_500 }]],
    ['45 min xt', km, [{ kind: 'other', time: 2700 }]],
    ['yoga 30', km, [{ kind: 'other', time: 1800 }]],
    ['missed, on call', km, [{ kind: 'missed', note: 'on call' }]],
  ] as const)('%s', (text, measure, done) => {
    expect(readDone(text, measure)).toEqual({ ok: true, value: { kind: 'done', done } });
  });

  it('may have moved to the next day of a name', () => {
    const to = (text: string) => {
      const read = readDone(text, km, planned);
      return read.ok && read.value.kind === 'done' ? read.value.done[0] : undefined;
    };
    // A Tuesday: Friday is the 12th, Monday the 15th, Tuesday a week on.
    expect(to('moved to Fri')).toEqual({ kind: 'missed', movedTo: '2027-02-12' });
    expect(to('moved Monday')).toEqual({ kind: 'missed', movedTo: '2027-02-15' });
    expect(to('move to tue')).toEqual({ kind: 'missed', movedTo: '2027-02-16' });
    expect(readDone('moved to nowhere', km, planned).ok).toBe(false);
  });

  it('may be nothing, or as planned', () => {
    expect(readDone('  ', km)).toMatchObject({ value: { kind: 'nothing' } });
    expect(readDone('=', km)).toMatchObject({ value: { kind: 'as-planned' } });
  });

  it.each(['rest', '0', 'off', 'missed'])('went as planned with “%s” on a day of rest', (text) => {
    expect(readDone(text, km, rest)).toMatchObject({ value: { kind: 'as-planned' } });
    expect(readDone(text, km, planned)).toMatchObject({ value: { done: [{ kind: 'missed' }] } });
    expect(readDone('ill', km, rest)).toMatchObject({ value: { done: [{ reason: 'ill' }] } });
  });

  it.each([
    ['8 42', /say what 42 is/],
    ['5 of 8', /say what 8 is/],
    ['8 km 5 km', /two figures for the distance/],
    ['5m 40', /5 m is not a run/],
    ['1:05', /only a few minutes of running/],
    ['6 x 1k 3:45', /repetitions are typed under the run/],
    ['8 km effort 12', /from 1 to 10/],
    ['8 km hr 300', /from 25 to 250/],
  ])('never guesses which of two figures counts: %s', (text, why) => {
    const read = readDone(text, km);
    expect(!read.ok && read.problem).toMatch(why);
  });

  it('keeps as a note what says a figure again, or says not what it is', () => {
    expect(readDone('8 km, 42:10, 43:00, 148', km)).toMatchObject({
      value: { done: [{ time: 2530, note: '43:00, 148' }] },
    });
  });

  it.each(['fine', 'run', '12 km 3:75', 'pool'])('says why “%s” is not taken', (text) => {
    expect(readDone(text, km)).toMatchObject({ ok: false });
  });
});

it.each([
  '12 km 1:02:30, effort 4, felt fine, even at the end',
  '6 km + 4 km',
  'pool 40:00, effort 3',
  'missed, ill, a cold',
  '7.25 km, hr 148',
])('what was typed prints as it reads: %s', (text) => {
  const read = readDone(text, km);
  if (!read.ok || read.value.kind !== 'done') throw new Error(text);
  const entries = read.value.done.map((done, place) => ({ ...at, ...done, place }));
  expect(printDone(entries, km)).toBe(text);
});

describe('repetitions', () => {
  it('are read as they are called out', () => {
    expect(readReps('1:54 1:53, 1:55')).toEqual({ ok: true, value: [114, 113, 115] });
    expect(readReps('31.4 / 32')).toEqual({ ok: true, value: [31.4, 32] });
    expect(readReps('1:54 fast')).toMatchObject({ ok: false });
    expect(readReps('1:54 1:75')).toMatchObject({ ok: false });
  });

  // Mean of 224, 226, 225, 228, 229 is 226.4: 0.4 s over 3:46; slowest less quickest is 5.
  it('are held against their target, hand-worked', () => {
    const done = repsDone([224, 226, 225, 228, 229], [226]);
    expect(done.mean).toBeCloseTo(226.4, 9);
    expect(done.spread).toBe(5);
    expect(done.against).toBeCloseTo(0.4, 9);
    expect(done.differences).toEqual([-2, 0, -1, 2, 3]);
    // The last of five against the first: 229 − 224.
    expect(done.fade).toBe(5);
  });

  it('without as many targets as times are held against none', () => {
    expect(repsDone([60, 61], [60, 60, 60]).differences).toEqual([0, 1]);
    expect(repsDone([60, 61, 62], [60, 60])).toMatchObject({ against: undefined, differences: [] });
  });
});

describe('a day that was done', () => {
  it('as planned is one entry for each thing it held', () => {
    expect(asPlanned(planned)).toEqual([
      { ...at, kind: 'run', distance: 6000, time: 1800 },
      { ...at, place: 1, kind: 'run', distance: 4000, time: 1200 },
      { ...at, place: 2, kind: 'other', time: 600 },
    ]);
    const swapped = {
      ...planned,
      distance: 0,
      sessions: [{ kind: 'cross', distance: 0, time: 2400 }],
      swap: { kind: 'pool' },
    };
    expect(asPlanned(swapped)).toEqual([{ ...at, kind: 'pool', time: 2400 }]);
  });

  it('as planned comes to what was planned', () => {
    expect(dayDone(planned, asPlanned(planned), 0.36)).toMatchObject({
      state: 'run',
      distance: 10_000,
      time: 3000,
      elsewhere: 600,
    });
  });

  // Planned at 0.3 s/m: 2400 s are 8000 m, and 5000 m are 1500 s.
  it('has the figure that was not recorded from the planned pace', () => {
    expect(dayDone(planned, [{ ...at, kind: 'run', time: 2400 }], 0.36).distance).toBe(8000);
    expect(dayDone(planned, [{ ...at, kind: 'run', distance: 5000 }], 0.36).time).toBe(1500);
    expect(dayDone(rest, [{ ...at, kind: 'run', distance: 5000 }], 0.36).time).toBe(1800);
  });

  it('is missed, done otherwise, not known, or rest', () => {
    const missed = { ...at, kind: 'missed', reason: 'ill' } as const;
    expect(dayDone(planned, [missed], 0.36)).toMatchObject({ state: 'missed', reason: 'ill' });
    expect(dayDone(planned, [{ ...at, kind: 'bike', time: 1800 }], 0.36).state).toBe('instead');
    expect(dayDone(planned, [{ ...at, kind: 'strength', time: 1800 }], 0.36).state).toBe('unknown');
    expect(dayDone(planned, [], 0.36).state).toBe('unknown');
    expect(dayDone(rest, [], 0.36).state).toBe('rest');
  });

  it('misses nothing where nothing was to be run, but for what made it so', () => {
    const missed = { ...at, kind: 'missed' } as const;
    expect(dayDone(rest, [missed], 0.36).state).toBe('rest');
    expect(dayDone(rest, [{ ...missed, reason: 'ill' }], 0.36).state).toBe('missed');
  });
});

it('a morning of which nothing is said is blank', () => {
  expect(isBlankMorning({ date: '2027-02-09', note: undefined })).toBe(true);
  expect(isBlankMorning({ date: '2027-02-09', fresh: 3 })).toBe(false);
});

describe('the weeks of a diary', () => {
  const on = { today: '2027-02-10', weekStartsOn: 'monday', basis: 'distance' } as const;
  // Weeks of 11, 18 and 25 January and 1 February: two runs of 10 and 20 km each.
  const entries = ['2027-01-12', '2027-01-19', '2027-01-26', '2027-02-02'].flatMap((date) => [
    { date, place: 0, kind: 'run' as const, distance: 10_000 },
    { date, place: 1, kind: 'run' as const, distance: 20_000, time: 7200 },
    { date, place: 2, kind: 'bike' as const, time: 3600 },
  ]);

  it('start a block where the last four whole ones are known', () => {
    expect(startFromDiary(entries, on)).toEqual({
      recentWeeks: [30_000, 30_000, 30_000, 30_000],
      longestRecentRun: 20_000,
    });
    // By time: 10 km at six minutes a kilometre are 3600 s, beside 7200 s.
    expect(startFromDiary(entries, { ...on, basis: 'time' })?.recentWeeks[0]).toBe(10_800);
    expect(startFromDiary(entries.slice(3), on)).toBeUndefined();
  });

  it('know nothing of a week without a word, and zero of one that was missed', () => {
    const missed = { date: '2027-01-26', place: 0, kind: 'missed' as const };
    const weeks = weeksRun([...entries.slice(0, 3), missed], 4, on);
    expect(weeks.map(({ amount }) => amount)).toEqual([30_000, undefined, 0, undefined]);
    expect(weeks.map(({ start }) => start)[0]).toBe('2027-01-11');
  });
});

it.each([
  ['32 °C, humid', 1],
  ['Thunder after noon', 1],
  ['icy path, dark', 2],
  ['still, 8 °C', 0],
  [undefined, 0],
])('weather of “%s” asks for %d cautions', (weather, count) => {
  expect(weatherCautions(weather)).toHaveLength(count);
});

describe('how long something took, as an athlete types it', () => {
  it.each([
    ['1:02:30', undefined, 3750],
    ['65', undefined, 3900],
    ['65', 12_000, 3900],
    ['48 min', 8000, 2880],
    // 65 s over 12 km is nobody's running, 1:05:00 is 5:25 /km.
    ['1:05', 12_000, 3900],
    ['42:10', 8000, 2530],
  ])('%s', (text, metres, seconds) => {
    expect(readTimeDone(text, metres)).toEqual({ ok: true, value: seconds });
  });

  it.each(['1:05', '0', 'an hour'])('asks again after “%s” alone', (text) => {
    expect(readTimeDone(text).ok).toBe(false);
  });
});
