import { describe, expect, it } from 'vitest';
import { addDays, sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import type { Day } from '../../layout/block/index.js';
import { shortWords } from '../../present/index.js';
import { showBlock } from '../../present/figures/index.js';
import { rulesOf } from '../../rules/index.js';
import { sessionPacesOf } from '../../sessions/index.js';
import { marathon } from '../../testing/examples.js';
import { validateSpec } from '../../layout/validate/index.js';
import { resolveSpec } from '../../layout/index.js';
import { ruleWords } from '../week/index.js';
import { lengthenWritten } from '../week/lengthen-written.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import { applyChange } from '../index.js';
import { dayText, readWeekday, type SheetCell, writeCells } from './index.js';
import { readDay } from './read-day.js';
import { readVolume } from './read-week.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const miles = { ...km, unit: 'mi' } as const;
const minutes = { ...km, basis: 'time' } as const;
const block = layOut(marathon);
const paces = {
  table: block.spec.paces.table,
  paces: sessionPacesOf(block.spec, rulesOf(block.spec), block.spec.start),
};
const week = block.weeks[9];
if (!week) throw new Error('no week 10');
const dayOf = (place: number): SheetCell => ({ kind: 'day', date: addDays(week.start, place) });
const LONG = week.days.findIndex(({ role }) => role === 'long');

const after = (...written: readonly (readonly [SheetCell, string])[]) => {
  const found = writeCells(
    block,
    written.map(([cell, text]) => ({ cell, text })),
    km,
  );
  if (!found.command) throw new Error(found.untaken.map(({ problem }) => problem).join(' '));
  return layOut(applyChange(block.spec, found.command.change));
};

const STRIDES = { kind: 'add-on', addOn: 'strides' } as const;
const CORE = { kind: 'work', work: 'core' } as const;
const GYM = { kind: 'work', work: 'strength', time: undefined } as const;
const STRENGTH = { kind: 'work', work: 'strength', time: 1800 } as const;
const beside = (day: object, ...others: object[]) => ({ kind: 'with', day, beside: others });

describe('a day as it is typed', () => {
  it.each([
    ['', { kind: 'free' }],
    ['12', { kind: 'amount', amount: 12_000 }],
    ['12,5', { kind: 'amount', amount: 12_500 }],
    ['12 km', { kind: 'amount', amount: 12_000 }],
    ['12 easy', { kind: 'amount', amount: 12_000, role: 'easy' }],
    ['easy 12', { kind: 'amount', amount: 12_000, role: 'easy' }],
    ['16 medium long', { kind: 'amount', amount: 16_000, role: 'semi-long' }],
    ['16 ML', { kind: 'amount', amount: 16_000, role: 'semi-long' }],
    ['22L', { kind: 'amount', amount: 22_000, role: 'long' }],
    [
      '2 km wu\n6 x 800 m @ 5 km, 90 s\n2 km cd',
      { kind: 'session', text: '2 km wu; 6 x 800 m @ 5 km, 90 s; 2 km cd' },
    ],
    [
      'am off, pm 6 x 1 km @ 10 km, 90 s jog',
      { kind: 'session', text: '6 x 1 km @ 10 km, 90 s jog' },
    ],
    ['am 5\npm 8', { kind: 'amount', amount: 13_000, firstRun: 5000 }],
    ['rest', { kind: 'role', role: 'rest' }],
    ['–', { kind: 'role', role: 'rest' }],
    ['Off', { kind: 'role', role: 'rest' }],
    ['8 miles easy', { kind: 'session', text: '8 miles easy' }],
    ['6 x 1 km @ 10 km, 90 s jog', { kind: 'session', text: '6 x 1 km @ 10 km, 90 s jog' }],
    ['32 (last 14 @ marathon)', { kind: 'session', text: '32 km (last 14 @ marathon)' }],
    ['26 (11 @ marathon -4 s)', { kind: 'session', text: '26 km (last 11 @ marathon -4 s)' }],
    ['28 last 8 marathon', { kind: 'session', text: '28 km last 8 marathon' }],
    ['30 progression', { kind: 'session', text: '30 km progression' }],
    ['bike', { kind: 'cross', cross: 'bike' }],
    ['60 bike', { kind: 'cross', cross: 'bike', time: 3600 }],
    ['5+10', { kind: 'amount', amount: 15_000, firstRun: 5000 }],
    ['core', { kind: 'work', work: 'core', time: undefined }],
    ['30 min strength', { kind: 'work', work: 'strength', time: 1800 }],
    ['Gym 45', { kind: 'work', work: 'strength', time: 2700 }],
    ['pool 45', { kind: 'cross', cross: 'pool', time: 2700 }],
    ['1:10 swim', { kind: 'cross', cross: 'swim', time: 4200 }],
    ['1.5 h elliptical', { kind: 'cross', cross: 'elliptical', time: 5400 }],
    ['45 min pool running', { kind: 'cross', cross: 'pool', time: 2700 }],
    [
      '40 min pool: 10 x 2 min brisk, 1 min easy',
      { kind: 'cross', cross: 'pool', time: 2400, text: '10 x 2 min brisk, 1 min easy' },
    ],
    ['LR 28', { kind: 'amount', amount: 28_000, role: 'long' }],
    ['28k long', { kind: 'amount', amount: 28_000, role: 'long' }],
    ['Long run 30k last 10k @ MP', { kind: 'session', text: '30k last 10k @ MP' }],
    ['24 long, last 8 steady', { kind: 'session', text: '24 km, last 8 steady' }],
    ['8 am, 6 pm', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['8am 6pm', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['double 8+6', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['AM: 8 easy PM: 6 easy', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['8/6', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['8 & 6', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['8 and 6', { kind: 'amount', amount: 14_000, firstRun: 8000 }],
    ['XT 45 min', { kind: 'cross', cross: 'bike', time: 2700 }],
    ['cross train: 40 min swim', { kind: 'cross', cross: 'swim', time: 2400 }],
    ['1:15 easy', { kind: 'session', text: '1 h 15 min easy' }],
    ['easy 5 + strides', beside({ kind: 'amount', amount: 5000, role: 'easy' }, STRIDES)],
    ['8 k easy with strides', beside({ kind: 'amount', amount: 8000, role: 'easy' }, STRIDES)],
    ['8, strides and core', beside({ kind: 'amount', amount: 8000 }, STRIDES, CORE)],
    ['6 + 10 + core', beside({ kind: 'amount', amount: 16_000, firstRun: 6000 }, CORE)],
    ['rest + 30 min strength', beside({ kind: 'role', role: 'rest' }, STRENGTH)],
    ['gym + 6 easy', beside({ kind: 'amount', amount: 6000, role: 'easy' }, GYM)],
    ['30 min strength and 8', beside({ kind: 'amount', amount: 8000 }, STRENGTH)],
    ['long 28 w/ last 10 MP', { kind: 'session', text: '28 km w/ last 10 MP' }],
    ['bike 60 easy', { kind: 'cross', cross: 'bike', time: 3600 }],
    [
      '5 x 1 km @ 5 km, 2 min jog; core',
      beside({ kind: 'session', text: '5 x 1 km @ 5 km, 2 min jog' }, CORE),
    ],
    ['16 with 10 @ MP', { kind: 'session', text: '16 km with 10 @ MP' }],
    ['6-8 easy', { kind: 'session', text: '6-8 km easy' }],
    ['tempo 8', { kind: 'session', text: 'tempo 8 km' }],
    ['10 to 12 easy', { kind: 'session', text: '10 to 12 km easy' }],
    ['Easy run', { kind: 'role', role: 'easy' }],
    ['90 min ride', { kind: 'cross', cross: 'bike', time: 5400 }],
    ['Yoga 20', { kind: 'work', work: 'mobility', time: 1200 }],
    ['hill sprints', { kind: 'add-on', addOn: 'hill-sprints' }],
    // 6 x 400 m are 2.4 km: 5.6 of 8 are left, 2.8 before and 2.8 after.
    [
      '8 6 x 400 m @ 5 km, 60 s rest',
      {
        kind: 'session',
        amount: 8000,
        text: '2.8 km easy; 6 x 400 m @ 5 km, 60 s rest; 2.8 km easy',
      },
    ],
  ])('“%s”', (text, entry) => {
    expect(readDay(text, km, paces)).toEqual({ ok: true, entry });
  });

  it('is in the unit that the sheet shows', () => {
    expect(readDay('10', miles, paces)).toMatchObject({ entry: { amount: 16_093.44 } });
    expect(readDay('45', minutes, paces)).toMatchObject({ entry: { amount: 2700 } });
    expect(readDay('1:15', minutes, paces)).toMatchObject({ entry: { amount: 4500 } });
    expect(readDay('16 with 10 @ MP', miles, paces)).toMatchObject({
      entry: { text: '16 mi with 10 @ MP' },
    });
    expect(readDay('6m easy', miles, paces)).toMatchObject({
      entry: { amount: 9656.064, role: 'easy' },
    });
    expect(readDay('800m', miles, paces)).toMatchObject({
      entry: { kind: 'session', text: '800m' },
    });
    // The other unit is no figure of this table: each stays as it is written.
    expect(readDay('5k am, 8k pm', miles, paces)).toMatchObject({
      entry: { kind: 'session', text: '5k', otherRun: { session: '8k', first: false } },
    });
    expect(readDay('20 (last 5 @ marathon)', miles, paces)).toMatchObject({
      entry: { text: '20 mi (last 5 @ marathon)' },
    });
  });

  it('asks for the unit of a figure that nobody runs so far, and takes one that has it', () => {
    for (const [text, meant] of [
      ['75', '75 min'],
      ['fartlek 45', 'fartlek 45 min'],
      ['45 fartlek', '45 min fartlek'],
      ['tempo 20', 'tempo 20 min'],
      ['steady 60', 'steady 60 min'],
    ] as const) {
      expect(readDay(text, km, paces)).toMatchObject({ ok: false, suggestion: meant });
      expect(readDay(meant, km, paces)).toMatchObject({ ok: true });
      expect(readDay(text, minutes, paces)).toMatchObject({ ok: true });
    }
    expect(readDay('tempo 20', km, paces)).toMatchObject({
      problem:
        '“tempo 20” would be 20 km. Did you mean “tempo 20 min”? Else write the unit with it.',
    });
    const taken = [
      '75 km',
      '41',
      'tempo 8',
      'fartlek 12',
      '32 MP',
      '30 progression',
      'tempo 20 km',
    ];
    for (const text of taken) expect(readDay(text, km, paces)).toMatchObject({ ok: true });
    // Of an athlete without a result too, whose paces nobody knows.
    const unknown = { table: paces.table, paces: { ...paces.paces, find: () => undefined } };
    expect(readDay('tempo 20', km, unknown)).toMatchObject({ ok: false });
    // A long run is as long as it says.
    for (const text of ['60', '50 progression']) {
      expect(readDay(text, km, { ...paces, isLong: true })).toMatchObject({ ok: true });
    }
    expect(readDay('tempo 20', km, { ...paces, isLong: true })).toMatchObject({ ok: false });
  });

  it('holds one figure', () => {
    for (const text of ['~10 km', 'up to 10 km', '10 km +', 'c. 10 km', '10 km max']) {
      expect(readDay(text, km, paces)).toMatchObject({ ok: false, suggestion: '10 km' });
    }
    expect(readDay('10ish', km, paces)).toMatchObject({ ok: false, suggestion: '10' });
  });

  it('is nothing that nobody runs', () => {
    expect(readDay('6m easy', km, paces)).toMatchObject({ suggestion: '6 mi easy' });
    expect(readDay('45m easy', minutes, paces)).toMatchObject({ entry: { amount: 2700 } });
    expect(readDay('Easy 45', minutes, paces)).toMatchObject({ entry: { amount: 2700 } });
    expect(readDay('29 easy', km, paces)).toMatchObject({ entry: { amount: 29_000 } });
    expect(readDay('30 easy', km, paces)).toMatchObject({ suggestion: '30 min easy' });
    expect(readDay('45 long', km, paces)).toMatchObject({ entry: { amount: 45_000 } });
    expect(readDay('74 long', km, paces)).toMatchObject({ entry: { amount: 74_000 } });
    expect(readDay('long 90', km, paces)).toMatchObject({ suggestion: '90 min long run' });
    expect(readDay('20 shakeout', km, paces)).toMatchObject({ suggestion: '20 min shakeout' });
    expect(readDay('4 shakeout', km, paces)).toMatchObject({ ok: true });
    expect(readDay('400s', km, paces)).toMatchObject({
      problem: expect.stringMatching(/how often it is run.*8 x 400 m/) as string,
    });
    expect(readDay('0 + 8', km, paces)).toMatchObject({ ok: false });
    expect(readDay('45 km easy', km, paces)).toMatchObject({ entry: { amount: 45_000 } });
    expect(readDay('40 min @ 85 % max', km, paces)).toMatchObject({ ok: true });
    expect(readDay('10m', km, paces)).toMatchObject({ suggestion: '10 mi' });
    expect(readDay('Easy 45', miles, paces)).toMatchObject({ suggestion: '45 min easy' });
    expect(readDay('AM 2 x 1 km @ 5 km, PM long', km, paces)).toMatchObject({
      problem: expect.stringMatching(/two runs are written by their lengths/) as string,
    });
  });

  it('says how much is run, or is no day', () => {
    expect(readDay('fartlek', km, paces)).toMatchObject({
      ok: false,
      problem: expect.stringMatching(/does not say how much is run/) as string,
      suggestion: undefined,
    });
    expect(readDay('?', km, paces)).toMatchObject({
      problem: expect.stringMatching(/“\?” does not say how much is run/) as string,
    });
    for (const text of ['travel', 'rest (travel)', 'off - holiday', '8 rest', '1x', 'rest 5']) {
      expect(readDay(text, km, paces)).toMatchObject({ ok: false, suggestion: 'rest' });
    }
    for (const text of ['5 easy or rest', 'off or 5 easy']) {
      const suggestion = '5 easy [or rest]';
      expect(readDay(text, km, paces)).toMatchObject({ ok: false, suggestion });
      expect(readDay(suggestion, km, paces)).toMatchObject({ ok: true });
    }
  });

  it('is not guessed at: what was meant is asked', () => {
    for (const text of ['WU 15; 6 x 3 min @ threshold', '5 x 3 @ threshold', '5 easy, 5 steady']) {
      expect(readDay(text, km, paces)).toMatchObject({ ok: false });
    }
    expect(readDay('16 with 2 x 5 @ MP', km, paces)).toMatchObject({
      ok: false,
      suggestion: '16 km with 2 x 5 km @ MP',
    });
    const asked = (text: string) => {
      const read = readDay(text, km, paces);
      return read.ok ? undefined : read.suggestion;
    };
    expect(asked('4 x 300 m @ 1500, 3 min')).toBe('4 x 300 m @ mile, 3 min');
    expect(asked('5x600 @ 3000 pace (2 mins)')).toBe('5x600 m @ 3 km (2 mins)');
    expect(asked('5 x 600 m @ 2000, 2 min')).toBeUndefined();
    expect(readDay('10 with 5x1k @ 10k 90s', km, paces)).toMatchObject({
      ok: false,
      suggestion: '10 km with 5x1k @ 10k, 90s',
    });
    expect(readDay('easy 5 + 6 strides', miles, paces)).toMatchObject({
      ok: false,
      suggestion: 'easy 5 mi + 6 x 100 m strides',
    });
    expect(readDay('6 x 1000 @ 10 km', km, paces)).toMatchObject({
      ok: false,
      suggestion: '6 x 1000 m @ 10 km',
    });
    expect(readDay('4 6 x 1000 m @ 10 km', km, paces)).toMatchObject({
      ok: false,
      problem: expect.stringMatching(/comes to 6 km, more than 4 km/) as string,
    });
  });
});

describe('a week’s volume as it is typed', () => {
  it.each([
    ['54', { kind: 'amount', amount: 54_000 }],
    ['54 km', { kind: 'amount', amount: 54_000 }],
    ['+10%', { kind: 'change', share: 0.1 }],
    ['−5 %', { kind: 'change', share: -0.05 }],
    ['=', { kind: 'change', share: 0 }],
    ['r', { kind: 'recovery' }],
    ['', { kind: 'free' }],
  ])('“%s”', (text, entry) => {
    expect(readVolume(text, km)).toEqual({ ok: true, entry });
  });

  it('is said not to be one', () => {
    expect(readVolume('a lot', km)).toMatchObject({ ok: false });
    expect(readVolume('54 mi', km)).not.toHaveProperty('suggestion');
    expect(readVolume('90 km', minutes)).toMatchObject({ ok: false });
    for (const text of ['4 h 30', '4h30', '4 hours 30 min', '4:30', '270'])
      expect(readVolume(text, minutes)).toMatchObject({ entry: { amount: 16_200 } });
    expect(readVolume('4 h', minutes)).toMatchObject({ entry: { amount: 14_400 } });
    expect(readVolume('~4 h', minutes)).toMatchObject({ ok: false, suggestion: '4:00' });
    expect(readVolume('4 h', km)).toMatchObject({ ok: false });
    for (const text of ['4.5 h', '4,5 hours', '4:30:00'])
      expect(readVolume(text, minutes)).toMatchObject({ ok: true, entry: { amount: 16_200 } });
    // Nobody runs four and a half minutes a week.
    expect(readVolume('4.25', minutes)).toMatchObject({ ok: false, suggestion: '4:15' });
    expect(readVolume('4.5', km)).toMatchObject({ ok: true, entry: { amount: 4500 } });
    expect(readVolume('90 min', minutes)).toMatchObject({ entry: { amount: 5400 } });
    expect(readVolume('42 miles', miles)).toMatchObject({ entry: { amount: 67_592.448 } });
    expect(readVolume('50-55 km', km)).toMatchObject({ ok: false, suggestion: '53' });
    for (const text of ['~50', 'about 50', '50ish', '50+', 'c. 50']) {
      expect(readVolume(text, km)).toMatchObject({ ok: false, suggestion: '50' });
    }
  });
});

describe('cells of the sheet', () => {
  it('fix days, and the week adds up to them', () => {
    const found = after([dayOf(1), '11'], [dayOf(2), '13 easy'], [dayOf(3), 'rest']);
    const shown = showBlock(found, km).weeks[9];
    expect(shown?.days.slice(1, 4)).toEqual([11, 13, 0]);
    expect(shown?.days.reduce((sum, day) => sum + day, 0)).toBe(shown?.volume);
  });

  it('write a long run in full', () => {
    const tenth = after([{ kind: 'longRun', week: 10 }, '32 (last 14 @ marathon)']).weeks[9];
    expect(tenth).toMatchObject({ longRun: 32_000 });
    expect(tenth?.days[LONG]?.sessions[0]?.shorthand).toBe('32 km, last 14 km marathon');
  });

  it('count a volume from the one written above it', () => {
    const found = after(
      [{ kind: 'volume', week: 2 }, '50'],
      [{ kind: 'volume', week: 3 }, '+10%'],
      [{ kind: 'volume', week: 4 }, '='],
    );
    expect(
      showBlock(found, km)
        .weeks.slice(1, 4)
        .map(({ volume }) => volume),
    ).toEqual([50, 55, 55]);
    // Or as it is laid out: a tenth more than the 64 km of week 5.
    const laidOut = after([{ kind: 'volume', week: 6 }, '+10%']);
    expect(showBlock(laidOut, km).weeks[5]?.volume).toBe(70);
  });

  it('make a day one of rest, whatever was written there', () => {
    const written = after([dayOf(1), '6 x 1 km @ 10 km, 90 s jog']);
    const { command } = writeCells(written, [{ cell: dayOf(1), text: 'rest' }], km);
    const fixed = applyChange(written.spec, command?.change ?? {}).days;
    expect(fixed.filter(({ date }) => date === addDays(week.start, 1))).toEqual([
      { date: addDays(week.start, 1), role: 'rest' },
    ]);
  });

  it('fix two runs of a day in their order, the longer one first where it is written so', () => {
    const lengths = (text: string) => {
      const twice = after([dayOf(1), text]);
      const day = twice.weeks[9]?.days[1];
      const { days, paces: of } = twice.spec;
      expect(day && dayText({ days, paces: of }, day, 15, km)).toBe(text);
      return day?.sessions.map(({ distance }) => distance);
    };
    expect(lengths('5+10')).toEqual([5000, 10_000]);
    expect(lengths('9.5+5.5')).toEqual([9500, 5500]);
    const long = writeCells(block, [{ cell: dayOf(LONG), text: '5+25' }], km);
    expect(long.untaken[0]?.problem).toMatch(/a long run is run in one/);
  });

  it('fix a session and an easy run beside it, each as it is written and in its order', () => {
    const laid = (text: string) => {
      const twice = after([dayOf(1), text]);
      const day = twice.weeks[9]?.days[1];
      const { days, paces: of } = twice.spec;
      return {
        twice,
        day,
        fixed: days.find(({ date }) => date === day?.date),
        again: day && dayText({ days, paces: of }, day, 15, km),
        runs: day?.sessions.map(({ shorthand, distance }) => [shorthand, distance]),
      };
    };
    // Ten times 400 m and nine times 400 m jogged are 7.6 km.
    const session = '10 x 400 m @ 5 km, 400 m jog';
    const early = laid(`am 5 easy, pm ${session}`);
    expect(early.runs).toEqual([
      ['5 km easy', 5000],
      [session, 7600],
    ]);
    expect(early.day).toMatchObject({
      role: 'quality',
      distance: 12_600,
      beside: { double: true },
    });
    expect(early.again).toBe(`am 5; pm ${session}`);
    expect(laid(early.again ?? '').fixed).toEqual(early.fixed);
    expect(early.twice.findings.some(({ check }) => check === 'fixed-day-overruled')).toBe(false);
    // The longer of the two is not the session, and comes after it.
    const late = laid(`AM: ${session} PM: 12`);
    expect(late.runs?.map(([, distance]) => distance)).toEqual([7600, 12_000]);
    expect(late.again).toBe(`am ${session}; pm 12`);
    // In a run of 10 km: the day is as long as both.
    const around = laid(`am 4; pm 10 ${session}`);
    expect(around.runs?.map(([, distance]) => distance)).toEqual([4000, 10_000]);
    const refused = (place: number, text: string) =>
      writeCells(block, [{ cell: dayOf(place), text }], km).untaken[0]?.problem;
    expect(refused(LONG, `am 5, pm ${session}`)).toMatch(/^A long run or a race is run in one/);
    expect(refused(1, `am ${session}, pm long`)).toMatch(/two sessions: am 5, pm 6 x 800 m\.$/);
  });

  it('offer both of two runs where one of them is asked about', () => {
    const offered = (typed: string) => {
      const read = readDay(typed, km, paces);
      return read.ok ? typed : read.suggestion;
    };
    expect(offered('am 4; pm 6 x 800 @ 10 km')).toBe('am 4; pm 6 x 800 m @ 10 km');
    expect(offered('am 4 x 2 @ 10 km; pm 10 x 400 @ 5 km')).toBe(
      'am 4 x 2 km @ 10 km; pm 10 x 400 m @ 5 km',
    );
    expect(offered('6 x 800 @ 10 km am, 5 easy pm')).toBe('am 6 x 800 m @ 10 km; pm 5 easy');
    // Of what cannot be meant nothing is offered, and nothing lost.
    expect(offered('am xyzzy 3; pm 6 x 800 @ 10 km')).toBeUndefined();
  });

  it('fix two sessions of one day, each as long as it is written', () => {
    // 5 km and four times 200 m jogged are 5.8 km; 10 x 400 m and nine times 400 m jogged 7.6 km.
    const [morning, evening] = ['5 x 1 km one-hour, 200 m jog', '10 x 400 m @ 10 km, 400 m jog'];
    const typed = `am ${morning}; pm ${evening}`;
    const twice = after([dayOf(1), typed]);
    const day = twice.weeks[9]?.days[1];
    expect(day?.sessions.map(({ shorthand, distance }) => [shorthand, distance])).toEqual([
      [morning, 5800],
      [evening, 7600],
    ]);
    expect(day).toMatchObject({ role: 'quality', distance: 13_400 });
    // All of both that is not jogged is hard.
    expect(sum(day?.sessions.map(({ hardDistance }) => hardDistance) ?? [])).toBe(9000);
    expect(shortWords(twice.spec, day as Day)).toBe(`${morning} + ${evening}`);
    expect(dayText(twice.spec, day as Day, 13, km)).toBe(typed);
    // Within runs of 9 and 10 km the day is as long as both; the length of one alone says nothing.
    const kept = (text: string) => after([dayOf(1), text]).spec.days[0];
    expect(kept(`am 9 ${morning}; pm 10 ${evening}`)).toMatchObject({
      amount: 19_000,
      otherRun: { amount: 10_000, first: false },
    });
    expect(kept(`am 9 ${morning}; pm ${evening}`)?.amount).toBeUndefined();
    // Longer around the first of them, the second stays.
    const longer = lengthenWritten(twice, day as Day, 16_400, km);
    if (typeof longer !== 'object') throw new Error('is lengthened');
    const after16 = layOut({ ...marathon, ...longer.change }).weeks[9]?.days[1];
    expect(after16?.sessions.map(({ distance }) => distance)).toEqual([8800, 7600]);
    // A pace that is unknown in the second is said, and so is what does not read or has no length.
    const [fixed] = twice.spec.days;
    const issues = (otherRun: object, part: object = {}) =>
      validateSpec(
        resolveSpec({
          ...marathon,
          days: [{ ...fixed, ...part, otherRun } as FixedDay],
        }),
      ).map(({ code }) => code);
    expect(issues({ session: evening, first: true })).toEqual([]);
    expect(issues({ first: true })).toEqual(['other-run']);
    expect(issues({ session: '6 x', first: true })).toEqual(['session-unreadable']);
    expect(issues({ session: evening, first: true }, { amount: 20_000 })).toEqual(['other-run']);
    expect(issues({ session: evening, amount: 9000, first: true }, { amount: 9000 })).toEqual([
      'other-run',
    ]);
    expect(issues({ session: evening, amount: 9000, first: true }, { amount: 20_000 })).toEqual([]);
  });

  it('fix a session and an easy run on a weekday through the block', () => {
    const session = '10 x 400 m @ 5 km, 400 m jog';
    const read = readWeekday(block, 'tuesday', `am 5, pm ${session}`, km);
    if (!read.ok || !read.entry) throw new Error('is read');
    expect(ruleWords(read.entry, km, paces.table)).toBe(`am 5 km; pm ${session}`);
    const again = readWeekday(block, 'tuesday', ruleWords(read.entry, km, paces.table), km);
    expect(again).toEqual(read);
    const fixed = layOut({ ...marathon, week: { ...marathon.week, fixed: [read.entry] } });
    expect(validateSpec(fixed.spec)).toEqual([]);
    const runs = fixed.weeks[9]?.days[1]?.sessions.map(({ distance }) => distance);
    expect(runs).toEqual([5000, 7600]);
    const alone = { ...read.entry, session: undefined };
    const wrong = { ...marathon, week: { ...marathon.week, fixed: [alone] } };
    expect(validateSpec(resolveSpec(wrong)).map(({ code }) => code)).toEqual(['other-run']);
  });

  it('keep the easy run beside a session until the session goes or the second run is taken off', () => {
    const twice = after([dayOf(1), 'am 5, pm 10 x 400 m @ 5 km, 400 m jog']);
    const [fixed] = twice.spec.days;
    if (!fixed) throw new Error('nothing is fixed');
    const changed = (part: object) => withFixedDay([fixed], fixed.date, part)[0]?.otherRun;
    expect(changed({ strength: true })).toEqual({ amount: 5000, first: true });
    expect(changed({ session: '12 x 400 m @ 5 km, 400 m jog' })).toEqual(changed({}));
    expect(changed({ session: undefined })).toBeUndefined();
    expect(changed({ double: false })).toBeUndefined();
    expect(changed({ amount: 5000 })).toBeUndefined();
    const wrong = (part: object) =>
      validateSpec(resolveSpec({ ...marathon, days: [{ ...fixed, ...part }] })).map(
        ({ code, message }) => [code, message.replace(/^.*? has/, 'It has')],
      );
    expect(wrong({})).toEqual([]);
    expect(wrong({ session: undefined })[0]?.[1]).toMatch(
      /^It has another run beside a session, and/,
    );
    expect(wrong({ amount: 5000 })[0]?.[0]).toBe('other-run');
  });

  it('fix cross-training with its minutes and what is done in them, and no running', () => {
    const text = '40 min pool: 10 x 2 min brisk, 1 min easy';
    const crossed = after([dayOf(1), text]);
    const day = crossed.weeks[9]?.days[1];
    expect(day).toMatchObject({ role: 'cross-train', distance: 0, cross: { time: 2400 } });
    expect(day?.sessions[0]?.shorthand).toBe('40 min pool running: 10 x 2 min brisk, 1 min easy');
    expect(crossed.findings.some(({ check }) => check === 'fixed-day-overruled')).toBe(false);
    // Ten times two minutes and nine or ten between: as long as it says where no minutes are written.
    const alone = after([dayOf(1), 'bike: 10 x 2 min brisk, 1 min easy']);
    expect(alone.weeks[9]?.days[1]?.cross.time).toBe(29 * 60);
  });

  it('fix work beside the run, with its minutes or without', () => {
    const fixed = (text: string) => {
      const { command } = writeCells(block, [{ cell: dayOf(1), text }], km);
      return applyChange(block.spec, command?.change ?? {}).days;
    };
    const date = addDays(week.start, 1);
    expect(fixed('30 min strength')).toEqual([{ date, strength: 1800 }]);
    expect(fixed('core')).toEqual([{ date, core: true }]);
    expect(fixed('9 easy, strides and core')).toEqual([
      { date, role: 'easy', amount: 9000, addOn: 'strides', core: true },
    ]);
  });

  it('go with a weekday that is always so', () => {
    expect(readWeekday(block, 'monday', '6 easy + core', km)).toEqual({
      ok: true,
      entry: { weekday: 'monday', role: 'easy', amount: 6000, firstRun: undefined, core: true },
    });
  });

  it('hold nothing in minutes of running that is none', () => {
    const day = after([dayOf(1), '9 easy + 30 min strength']).weeks[9]?.days[1];
    expect(day).toMatchObject({ distance: 9000, beside: { strength: 1800 } });
    // Nine kilometres at an easy pace, and not half an hour more.
    expect(day?.time).toBe(after([dayOf(1), '9 easy']).weeks[9]?.days[1]?.time);
  });

  it('make a week of recovery', () => {
    const { weeks } = after([{ kind: 'volume', week: 3 }, 'r']);
    const due = (of: typeof weeks) => of.flatMap((each) => (each.recoveryDue ? each.number : []));
    // The others stay.
    expect(due(weeks)).toEqual([3, ...due(block.weeks)]);
  });

  it('let the week grow with a day where the coach says so, and keep the others', () => {
    const before = showBlock(block, km).weeks[9];
    const written = [{ cell: dayOf(1), text: '20' }];
    const found = writeCells(block, written, km, { givesWay: 'volume' });
    const after = showBlock(layOut(applyChange(block.spec, found.command?.change ?? {})), km)
      .weeks[9];
    const days = before?.days.map((day, place) => (place === 1 ? 20 : day)) ?? [];
    expect(after?.days).toEqual(days);
    expect(after?.volume).toBe(days.reduce((total, day) => total + day, 0));
    expect(after?.volume).not.toBe(before?.volume);
  });

  it('leave days that are over as they were, and sum them with those to come', () => {
    const before = showBlock(block, km).weeks[9];
    const dates = [0, 1].map((place) => addDays(week.start, place));
    const over = new Set(dates);
    const written = [
      { cell: dayOf(0), text: '30' },
      { cell: dayOf(4), text: '20' },
    ];
    const found = writeCells(block, written, km, { givesWay: 'volume', over });
    expect(found.untaken.map(({ problem }) => problem)).toEqual([
      expect.stringMatching(/is over, and kept as it was handed out/),
    ]);
    const next = applyChange(block.spec, found.command?.change ?? {});
    expect(next.days.filter(({ date }) => over.has(date))).toEqual([]);
    const days = before?.days.map((day, place) => (place === 4 ? 20 : day)) ?? [];
    expect(next.pins.find((pin) => pin.week === 10)?.volume).toBe(
      1000 * days.reduce((total, day) => total + day, 0),
    );
  });

  it('keep a volume that is written beside its days', () => {
    const written = [
      { cell: dayOf(1), text: '20' },
      { cell: { kind: 'volume', week: 10 } as const, text: '90' },
    ];
    const found = writeCells(block, written, km, { givesWay: 'volume' });
    const next = applyChange(block.spec, found.command?.change ?? {});
    expect(next.pins.find((pin) => pin.week === 10)?.volume).toBe(90_000);
  });

  it('let the week follow a long run that is written out', () => {
    const before = showBlock(block, km).weeks[9];
    const written = [{ cell: dayOf(LONG), text: '20 km easy (last 5 @ marathon)' }];
    const found = writeCells(block, written, km, { givesWay: 'volume' });
    const after = showBlock(layOut(applyChange(block.spec, found.command?.change ?? {})), km)
      .weeks[9];
    expect(after?.longRun).toBe(20);
    expect(after?.volume).toBe((before?.volume ?? 0) - (before?.longRun ?? 0) + 20);
  });

  it('leave a weekday that is fixed through the block, but for a day of its own', () => {
    const tuesdays = layOut({
      ...marathon,
      week: { ...marathon.week, fixed: [{ weekday: 'tuesday', amount: 9000 }] },
    });
    const free = (of: typeof tuesdays) => writeCells(of, [{ cell: dayOf(1), text: '' }], km);
    expect(free(tuesdays).untaken[0]?.problem).toMatch(/^Tuesdays are fixed through the block/);
    const { command } = writeCells(tuesdays, [{ cell: dayOf(1), text: '12' }], km);
    const written = layOut(applyChange(tuesdays.spec, command?.change ?? {}));
    expect(written.weeks[9]?.days[1]?.distance).toBe(12_000);
    expect(applyChange(written.spec, free(written).command?.change ?? {}).days).toEqual([]);
    // Another day of the week stands for itself.
    expect(writeCells(written, [{ cell: dayOf(2), text: '' }], km).untaken).toEqual([]);
  });

  it('sum a week with a weekday that is fixed and a day of rest, and fix neither anew', () => {
    const fixed = layOut({
      ...marathon,
      week: { ...marathon.week, fixed: [{ weekday: 'tuesday', amount: 9000 }] },
    });
    const written = [
      { cell: dayOf(0), text: 'rest' },
      { cell: dayOf(3), text: '20' },
    ];
    const { command } = writeCells(fixed, written, km, { givesWay: 'volume' });
    const next = applyChange(fixed.spec, command?.change ?? {});
    expect(next.days.some(({ date }) => date === addDays(week.start, 1))).toBe(false);
    const before = showBlock(fixed, km).weeks[9]?.days ?? [];
    const days = before.map((day, place) => (place === 0 ? 0 : place === 3 ? 20 : day));
    expect(next.pins.find((pin) => pin.week === 10)?.volume).toBe(
      1000 * days.reduce((total, day) => total + day, 0),
    );
  });

  it('free a long run with its day', () => {
    const cell = { kind: 'longRun', week: 10 } as const;
    const long = after([cell, '30']);
    expect(long.spec.pins).toEqual([{ week: 10, longRun: 30_000 }]);
    const { command } = writeCells(long, [{ cell: dayOf(LONG), text: '' }], km);
    expect(applyChange(long.spec, command?.change ?? {}).pins).toEqual([]);
    // Another day’s cell leaves it alone.
    const other = writeCells(long, [{ cell: dayOf(1), text: '' }], km).command;
    expect(applyChange(long.spec, other?.change ?? {}).pins).toEqual(long.spec.pins);
  });

  it('are freed again', () => {
    const fixed = after([dayOf(1), '11']);
    const command = writeCells(fixed, [{ cell: dayOf(1), text: '' }], km).command;
    const freed = layOut(applyChange(fixed.spec, command?.change ?? {}));
    expect(showBlock(freed, km)).toEqual(showBlock(block, km));
  });

  it('that fix a week and all its days apart are said at once, with the ways out', () => {
    const six = [0, 1, 2, 4, 5].map((place) => [dayOf(place), '5'] as const);
    const found = after([{ kind: 'volume', week: 10 }, '79'], ...six, [dayOf(LONG), '15']);
    const said = found.findings.find(({ check }) => check === 'week-under-wish');
    expect(said).toMatchObject({ weeks: [10], value: 40_000, limit: 79_000 });
    expect(said?.message).toBe(
      'Week 10: its days come to 40 km; the week is fixed at 79 km, and no day can make it up. Free a day, add one, or let the week be 40 km.',
    );
  });

  it('are taken where they can be read, and the others said', () => {
    const found = writeCells(
      block,
      [
        { cell: dayOf(1), text: '11' },
        { cell: dayOf(2), text: '16 prgo' },
        { cell: { kind: 'day', date: block.spec.race.date }, text: '5' },
        { cell: { kind: 'day', date: '1999-01-01' }, text: '5' },
        { cell: dayOf(LONG), text: 'rest' },
      ],
      km,
    );
    expect(found.taken).toBe(1);
    expect(found.untaken.map(({ problem }) => problem)).toEqual([
      expect.stringMatching(/“16 prgo”/),
      expect.stringMatching(/is raced/),
      expect.stringMatching(/outside the block/),
      expect.stringMatching(/moved in the Week view/),
    ]);
  });

  it('say what was done', () => {
    expect(writeCells(block, [{ cell: dayOf(1), text: ' 11 ' }], km).command?.message).toMatch(
      /^Wrote “11” for /,
    );
    const two = [dayOf(1), dayOf(2)].map((cell) => ({ cell, text: '9' }));
    expect(writeCells(block, two, km).command?.message).toBe('Wrote 2 cells of the sheet.');
  });

  it('print as they would be typed: read again, they change no figure', () => {
    const shown = showBlock(block, km);
    const written = block.weeks.flatMap(({ days }, index) =>
      days
        .filter(({ role }) => role !== 'race')
        .map((day, place) => ({
          cell: { kind: 'day', date: day.date } as const,
          text: dayText(block.spec, day, shown.weeks[index]?.days[place] ?? 0, km),
        })),
    );
    const { command, untaken } = writeCells(block, written, km);
    expect(untaken.filter(({ problem }) => !/is raced/.test(problem))).toEqual([]);
    const again = layOut(applyChange(block.spec, command?.change ?? {}));
    expect(showBlock(again, km).weeks.map(({ days }) => days)).toEqual(
      shown.weeks.map(({ days }) => days),
    );
  });
});
