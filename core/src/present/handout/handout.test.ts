import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Measure, sum, units } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { laidOut } from '../../testing/laid-out.js';
import { showBlock } from '../figures/show.js';
import {
  amountOf,
  cameBack,
  daysTable,
  type Handout,
  handoutOf,
  paceCard,
  planRows,
  raceCard,
  sessionCard,
  SMALLEST_LETTERS,
  weekMarkdown,
  weeksTable,
  weekText,
} from './index.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const TODAY = '2027-02-10';
const handed = (spec: BlockSpec = marathon, measure = km): Handout => {
  const block = laidOut(spec);
  return handoutOf(block, showBlock(block, measure), TODAY);
};
const column = (table: (string | number)[][], name: string) => {
  const at = table[0]?.indexOf(name) ?? -1;
  return table.slice(1).map((row) => row[at]);
};

describe('a handout', () => {
  const handout = handed();

  it('says whose it is, what for, and in what time', () => {
    expect(handout).toMatchObject({
      athlete: 'Idris Vale',
      race: { name: 'Lantern Bay Marathon', words: 'Sun 18 Apr 2027', distance: '42.2 km' },
      // 3:15:00 are 11 700 s over 42.195 km: 277.3 s, 4:37.
      goal: '3:15:00, 4:37 /km',
      weekdays: ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
    });
  });

  it('adds up in every unit: days to weeks and weekdays, both to the whole', () => {
    holdFor(
      fc.property(
        anySpec,
        fc.constantFrom(...units),
        fc.constantFrom(1, 0.5, 0.1),
        (spec, unit, step) => {
          const basis = spec.athlete?.basis ?? 'distance';
          const measure: Measure = { basis, unit, step };
          const { weeks, sums } = handed(spec, measure);
          for (const week of weeks)
            expect(sum(week.days.map(({ steps }) => steps))).toBe(week.steps);
          const all = sum(weeks.map(({ steps }) => steps));
          const total = Number(sums.total);
          expect(amountOf({ measure }, all)).toBe(total);
          expect(sum(sums.columns.map(Number))).toBeCloseTo(total, 6);
        },
      ),
    );
  });

  it('has the same sums in its tables', () => {
    const weeks = column(weeksTable(handout), 'Volume, km').map(Number);
    const days = column(daysTable(handout), 'km').map(Number);
    expect(sum(weeks)).toBe(Number(handout.sums.total));
    expect(sum(days)).toBe(Number(handout.sums.total));
    expect(column(daysTable(handout), 'Day').slice(0, 3)).toEqual(['Mon', 'Tue', 'Wed']);
  });

  it('holds what hard stretches are to be run in, hand-worked by the paces of the day', () => {
    const date = '2027-02-16';
    const on = (session: string) => {
      const { weeks } = handed({ ...marathon, days: [{ date, role: 'quality', session }] });
      return weeks.flatMap(({ days }) => days).find((day) => day.date === date)?.targets;
    };
    // Marathon pace of the goal is 277.3 s/km: 1 km in 4:37, ten minutes at 4:37.
    expect(on('2 km easy; 4 x 1 km @ race pace, 1 min jog')).toEqual(['1 km @ race pace in 4:37']);
    expect(on('3 x 10 min @ race pace, 2 min jog')).toEqual(['10 min @ race pace at 4:37 /km']);
    expect(on('10 x 45 s @ effort 8 uphill, walk back')).toEqual([]);
  });

  it('tells nobody to run at a guess, and counts the hard minutes all the same', () => {
    const date = '2027-02-16';
    const { athlete, race } = marathon;
    const spec = {
      ...marathon,
      athlete: { ...athlete, results: [] },
      race: { ...race, goalTime: undefined },
      days: [
        { date, role: 'quality' as const, session: '2 km easy; 4 x 5 min @ 10 km, 1 min jog' },
      ],
    };
    const given = handed(spec).weeks.flatMap(({ days }) => days);
    expect(given.flatMap(({ targets }) => targets)).toEqual([]);
    const laid = layOut(spec).weeks.flatMap(({ days }) => days);
    expect(laid.find((day) => day.date === date)?.hardTime).toBe(1200);
  });

  it('prints no pace of a day before the block or after the race', () => {
    const block = layOut(marathon);
    const early = handoutOf(block, showBlock(block, km), '2026-01-01');
    expect(early.paces.length).toBeGreaterThan(0);
  });
});

describe('a week in words', () => {
  const handout = handed();
  const [first] = handout.weeks;

  it('is a line a day, its sum, the paces it speaks of, and the caution', () => {
    if (!first) throw new Error('no week');
    const lines = weekText(handout, first).split('\n');
    expect(lines[0]).toBe('Idris Vale: week 1 of 18, Mon 14 Dec to Sun 20 Dec 2026');
    expect(lines[1]).toBe('Lantern Bay Marathon, 17 weeks to go');
    expect(lines.filter((line) => /^\w{3} \d+ Dec: /.test(line))).toHaveLength(7);
    expect(lines).toContain(`Week: ${first.figure} km, long run ${first.longRunFigure} km`);
    expect(lines.find((line) => line.startsWith('Paces'))).toMatch(/Easy \d:\d\d/);
    // “2 km easy” is no running at the pace of 2 or 5 km.
    expect(lines.find((line) => line.startsWith('Paces'))).not.toMatch(/Mile|5 km/);
    expect(lines.at(-2)).toMatch(/doctor or physiotherapist/);
  });

  it('says the sum of a day with two runs', () => {
    const date = '2026-12-16';
    const doubled = handed({ ...marathon, days: [{ date, amount: 12_000, firstRun: 5000 }] });
    const [week] = doubled.weeks;
    const text = week ? weekText(doubled, week) : '';
    expect(text).toContain('Wed 16 Dec: 12 km: 5 km easy + 7 km easy');
  });

  it('calls the race by its name, and counts it apart from the week', () => {
    const last = handout.weeks.at(-1);
    if (!last) throw new Error('no week');
    const text = weekText(handout, last);
    expect(text).toContain('Sun 18 Apr: Lantern Bay Marathon, 42.2 km');
    expect(text).toContain(`Week: ${last.figure} km and the race, 42.2 km`);
    expect(weekMarkdown(handout, last)).toContain(
      '| Sun 18 Apr | | **Lantern Bay Marathon, 42.2 km** |',
    );
  });

  it('is Markdown that no name breaks', () => {
    const named = handed({ ...marathon, athlete: { ...marathon.athlete, name: 'A | *B*' } });
    const [week] = named.weeks;
    expect(week && weekMarkdown(named, week)).toContain('## A \\| \\*B\\*: week 1');
  });
});

describe('the rows of a wall sheet', () => {
  it('are set in letters that are read on a wall, up to thirty weeks on A4', () => {
    for (let weeks = 1; weeks <= 30; weeks++) {
      expect(planRows(weeks, 'a4').letters).toBeGreaterThanOrEqual(SMALLEST_LETTERS);
      expect(planRows(weeks, 'a3').letters).toBeGreaterThanOrEqual(planRows(weeks, 'a4').letters);
    }
    // More than that is said, and A3 has room.
    expect(planRows(40, 'a4').letters).toBeLessThan(SMALLEST_LETTERS);
    expect(planRows(40, 'a3').letters).toBeGreaterThan(SMALLEST_LETTERS);
  });

  it('fit their page with the drawing', () => {
    for (const weeks of [6, 18, 30]) {
      const { row, drawing } = planRows(weeks, 'a4');
      expect(weeks * row + drawing + 128).toBeLessThanOrEqual(595.28 + 1e-6);
    }
  });
});

describe('a workbook that comes back', () => {
  const handout = handed();
  const rows = daysTable(handout).map((row) => row.map(String));
  const changed = (date: string, at: number, text: string) =>
    rows.map((row) =>
      row[1] === date ? row.map((cell, place) => (place === at ? text : cell)) : row,
    );

  it('as it left changes nothing', () => {
    expect(cameBack(handout, rows)).toEqual({ cells: [], outside: 0 });
  });

  it('says a figure, a session and a day of rest as they would be typed', () => {
    const day = (date: string, text: string) => [{ cell: { kind: 'day', date }, text }];
    const [figure, session, rest] = [
      changed('2026-12-16', 4, '12.5'),
      changed('2026-12-15', 5, '6 x 1 km @ 10 km, 90 s jog'),
      changed('2026-12-16', 5, ''),
    ].map((each) => cameBack(handout, each));
    expect(figure).toEqual({ cells: day('2026-12-16', '12.5'), outside: 0 });
    expect(session).toEqual({
      cells: day('2026-12-15', '6 x 1 km @ 10 km, 90 s jog'),
      outside: 0,
    });
    expect(rest).toEqual({ cells: day('2026-12-16', 'rest'), outside: 0 });
  });

  it('of another unit, another block or another table is said', () => {
    const miles = rows.map((row, at) =>
      at === 0 ? row.map((cell) => (cell === 'km' ? 'mi' : cell)) : row,
    );
    expect(cameBack(handout, miles)).toMatch(/not in km/);
    expect(cameBack(handout, [['Name', 'km']])).toMatch(/not a workbook made here/);
    expect(cameBack(handout, [])).toMatch(/not a workbook/);
    const later = changed('2026-12-16', 1, '2030-01-01');
    expect(cameBack(handout, later)).toEqual({ cells: [], outside: 1 });
  });
});

describe('cards for the pocket', () => {
  const block = layOut(marathon);
  const handout = handed();

  it('a session has a row a repetition, in the time it is to be run in', () => {
    const date = '2027-02-16';
    const written = layOut({
      ...marathon,
      days: [{ date, role: 'quality', session: '2 km easy; 3 x 1 km @ race pace, 1 min jog' }],
    });
    const of = handoutOf(written, showBlock(written, km), TODAY);
    const card = sessionCard(written, of, date);
    expect(card.title).toBe('Idris Vale, Tue 16 Feb 2027');
    // 277.3 s/km: 1 km in 4:37, 400 m in 110.9 s.
    expect(card.rows).toEqual(
      [1, 2, 3].map((rep) => [String(rep), '1 km @ race pace', '4:37', '1:50.9', '4:37']),
    );
    expect(sessionCard(written, of, '1999-01-01').rows).toEqual([]);
  });

  it('paces stand by km, mile and lap', () => {
    const { rows, head } = paceCard(block, handout, TODAY);
    expect(head).toHaveLength(5);
    // The result of 40:30 over 10 km is 4:03 a km, 6:31 a mile, 97.2 s a lap.
    expect(rows.find(([name]) => name === '10 km')).toEqual([
      '10 km',
      '4:03',
      '6:31',
      '1:37.2',
      '48.6',
    ]);
  });

  it('the race is split evenly, down to the goal', () => {
    const { rows, lines } = raceCard(block, handout);
    expect(rows.map(([at]) => at)).toEqual([
      '5 km',
      '10 km',
      '15 km',
      '20 km',
      '25 km',
      '30 km',
      '35 km',
      '40 km',
      '42.2 km',
    ]);
    expect(rows.at(-1)?.[2]).toBe('3:15:00');
    // 5 km at 277.3 s/km are 1386.4 s.
    expect(rows[0]).toEqual(['5 km', '23:06', '23:06']);
    expect(lines).toHaveLength(8);
  });

  it('a race without a goal or a result has no splits, and says its week', () => {
    const bare = layOut({
      ...marathon,
      athlete: { ...marathon.athlete, results: [] },
      race: { ...marathon.race, goalTime: undefined },
    });
    const card = raceCard(bare, handoutOf(bare, showBlock(bare, km), TODAY));
    expect(card.rows).toEqual([]);
    expect(card.lines.length).toBeGreaterThan(7);
  });
});
