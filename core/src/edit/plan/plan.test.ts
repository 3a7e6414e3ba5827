import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import { defaultPaces } from '../../paces/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { longRunsOf } from './plan-long-runs.js';
import {
  countedIn,
  drawnOut,
  guessColumns,
  planBlock,
  planCells,
  raceDateIn,
  raceDistanceIn,
  type ReadDate,
} from './index.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const readDate: ReadDate = (text) => /^\d{4}-\d\d-\d\d$/.exec(text)?.[0];

function cellsOf(table: string[][], raceDate?: string) {
  const shape = guessColumns(table, 'monday', readDate);
  return { shape, cells: planCells(table, shape, { weekStartsOn: 'monday', readDate, raceDate }) };
}

const given = (date: string, athlete: BlockSpec['athlete'] = { name: 'Idris Vale' }) => ({
  athlete,
  race: { name: 'Gull Point Ten', date, distance: 10_000 },
  weekStartsOn: 'monday' as const,
  paces: { table: defaultPaces },
});

const TEN_KM = { name: 'Gull Point', date: '2027-02-14', distance: 10_000, time: 2400 };

const five = [
  ['Autumn plan', '', '', '', '', '', '', '', ''],
  ['Week', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun', 'Total km'],
  ['1', '8', '6 x 600 m @ 5 km, 90 s jog', '10', '', '8', '5', '16', ''],
  ['2', '8', '20 min @ one-hour', '10', '', '9', '5', '18', '70'],
  ['3', '8', '10', '10', 'off', '8', '40 min pool', '14', ''],
  ['', '', '', '', '', '', '', '', ''],
  ['4', '6', '6', '8', '', 'easy 5', '4', 'Race', ''],
];

describe('a coach’s table', () => {
  it('counts what its headings say, or what stands over or beside it', () => {
    const counts = (...table: string[][]) => countedIn(table, []);
    expect(counts(['Week', 'Mon', 'Sun', 'Miles'], ['1', '5', '10', '30'])).toBe('mi');
    expect(counts(['10 km plan, all in miles'], ['Week', 'Mon', 'Sun'], ['1', '5', '12'])).toBe(
      'mi',
    );
    expect(counts(['Week', 'Mon (min)', 'Sun'], ['1', '40', '90'])).toBe('time');
    expect(counts(['', 'Wk 1', 'Wk 2'], ['Mon', '5', '6'], ['Total km', '50', '55'])).toBe('km');
    // A distance is none, nor what stands in the days, and two say nothing.
    expect(counts(['Spring 10 km'], ['Week', 'Mon', 'Sun'], ['1', '40 min', '8 miles'])).toBe(
      undefined,
    );
    expect(counts(['Week', 'km', 'min'], ['1', '50', '300'])).toBe(undefined);
    expect(counts(['Week', 'Tue', 'Sun', 'Hours'], ['1', '45', '80', '4.5'])).toBe('time');
    expect(counts(['Tue: steady for as many minutes as you like'])).toBe(undefined);
  });

  it('counts what its days say of themselves where no heading says it', () => {
    const counts = (...days: string[]) =>
      countedIn(
        [],
        days.map((text) => ({ kind: 'day', date: '2027-03-01', text })),
      );
    expect(counts('6 mi easy', '2 mi WU, 4 x 1 km @ 5k, 2 mi CD', '12 miles long')).toBe('mi');
    expect(counts('easy 8k', '12km', '6 x 800 m')).toBe('km');
    expect(counts('50 min easy', "10' wu, 6 x 3 min", '45')).toBe('time');
    const weeks = ['30 miles', '33 miles'].map((text) => ({ kind: 'volume', text }) as const);
    expect(countedIn([], [...weeks.map((week) => ({ ...week, date: '2027-03-01' }))])).toBe('mi');
    // Nobody runs 45, 50 and 60 km on end.
    expect(counts('45', '50 easy', '6 x 1 km', '60 (last 20 steady)', 'rest')).toBe('time');
    // Half of each says nothing, nor a few minutes in a plan of figures.
    expect(counts('5 km', '5 mi')).toBe(undefined);
    expect(counts('8', '10', '12', '20 min + strides', '16 L')).toBe(undefined);
  });

  it('is recognised by its headings, whatever stands over them', () => {
    const { shape } = cellsOf(five);
    expect(shape).toEqual({
      head: 2,
      columns: [
        'week',
        'monday',
        'tuesday',
        'wednesday',
        'thursday',
        'friday',
        'saturday',
        'sunday',
        'volume',
      ],
    });
  });

  it.each([
    [
      [
        ['M', 'T', 'W', 'T', 'F', 'S', 'S'],
        ['1', '2', '3', '4', '5', '6', '7'],
      ],
      ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'],
    ],
    [
      [
        ['Wk', 'M', 'T', 'W', 'Th', 'F', 'Sa', 'Su', 'Miles'],
        ['1', '5', '6', '7', '5', 'off', '4', '10', '37'],
      ],
      [
        ...['week', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'],
        'volume',
      ],
    ],
    // Phases with nothing over them stand before the days; behind them they are notes.
    [
      [
        ['', 'Mon', 'Wed', 'Sun', ''],
        ['Base', '8', '10', '16', 'hilly'],
        ['', '8', '10', '18', 'track'],
      ],
      ['phase', 'monday', 'wednesday', 'sunday', 'nothing'],
    ],
    // A week that begins on Sunday, after a column of its own.
    [
      [
        ['wk', 'S', 'M', 'T', 'W', 'T', 'F', 'S'],
        ['1', '16', '2', '3', '4', '5', '6', '7'],
      ],
      ['week', 'sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'],
    ],
    [
      [
        ['Date', 'Session'],
        ['2027-03-01', '8 easy'],
      ],
      ['date', 'text'],
    ],
    [
      [
        ['2027-03-01', '8 easy'],
        ['2027-03-03', 'off'],
      ],
      ['date', 'text'],
    ],
    [
      [
        ['1', '50', '16'],
        ['2', '54', '18'],
        ['3', '58', '20'],
      ],
      ['nothing', 'volume', 'longRun'],
    ],
    [
      [
        ['1', '8', '9', '7', '-', '8', '5', '16'],
        ['2', '8', '9', '7', '-', '8', '5', '17'],
      ],
      ['week', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'],
    ],
  ])('%j', (table, columns) => {
    expect(guessColumns(table, 'monday', readDate).columns).toEqual(columns);
  });

  it('has no week in a row that parts the others, or sums them up', () => {
    const plain = five.slice(1).filter((row) => row.some(Boolean));
    const [head = [], one = [], two = [], ...others] = plain;
    const total = ['Total', '30', '', '', '', '', '', '', '215'];
    const parted = [head, ['BASE'], one, two, ['BUILD', '', ''], ...others, total];
    const { cells } = cellsOf(parted, '2027-04-18');
    const weeks = cellsOf(plain, '2027-04-18').cells;
    expect(cells.filter(({ kind }) => kind !== 'phase')).toEqual(weeks);
    const [first, third] = [0, 2].map((week) => addDays(weeks[0]?.date ?? '', 7 * week));
    expect(cells.filter(({ kind }) => kind === 'phase')).toEqual([
      { kind: 'phase', date: first, text: 'BASE' },
      { kind: 'phase', date: third, text: 'BUILD' },
    ]);
    // A week that only has its number is one: its days are worked out.
    const dated = cellsOf([head, one, ['2'], ...others], '2027-04-18').cells;
    expect(dated[0]?.date).toBe(cellsOf(plain, '2027-04-18').cells[0]?.date);
  });

  it('takes figures with a decimal for figures, not for days', () => {
    const dayOrNot: ReadDate = (text) =>
      /^\d+[. ]\d+$/.test(text) ? '2027-05-09' : readDate(text);
    const halves = [
      ['Mon', 'Tue', 'Wed'],
      ['8.5', '10.5', '9.5'],
      ['9.5', '8.5', '7.5'],
    ];
    expect(guessColumns(halves, 'monday', dayOrNot).columns).toEqual([
      'monday',
      'tuesday',
      'wednesday',
    ]);
    const volumes = [
      ['54.5', '18.5'],
      ['56.5', '19.5'],
    ];
    expect(guessColumns(volumes, 'monday', dayOrNot).columns).toEqual(['volume', 'longRun']);
  });

  it('is counted back from the race where it has no dates, empty rows left out', () => {
    const { cells } = cellsOf(five, '2027-04-18');
    expect(cells[0]).toEqual({ kind: 'day', date: '2027-03-22', text: '8' });
    expect(cells.at(-1)).toEqual({ kind: 'day', date: '2027-04-18', text: 'Race' });
    expect(cells.find(({ kind }) => kind === 'volume')).toEqual({
      kind: 'volume',
      date: '2027-03-29',
      text: '70',
    });
  });

  it('has its race on the last day that says so', () => {
    const { cells } = cellsOf([
      ['2027-03-01', '8 km easy'],
      ['2027-03-14', 'Race!'],
      ['2027-03-16', '5 easy'],
    ]);
    expect(raceDateIn(cells)).toBe('2027-03-14');
    const last = (...texts: string[]) => {
      const dates = ['2027-03-01', '2027-03-14', '2027-03-21', '2027-03-23'];
      return raceDateIn(cellsOf(texts.map((text, at) => [dates[at] ?? '', text])).cells);
    };
    const raced = (text: string) =>
      raceDistanceIn([{ kind: 'day', date: '2027-03-14', text }], '2027-03-14');
    expect(['RACE Half', '10k race!', 'Tidewrack Marathon', 'race: 3000 m'].map(raced)).toEqual([
      ...[21_097.5, 10_000, 42_195, 3000],
    ]);
    // Warming up for it, nobody knows which is raced.
    expect(raced('2 km WU, 10 km race')).toBeUndefined();
    expect(raced('Race')).toBeUndefined();
    // A marathon is one; running at its pace is none.
    expect(last('8 km easy', '10 km race', 'Tidewrack half marathon!', '5 easy')).toBe(
      '2027-03-21',
    );
    expect(last('8 km easy', '10 km race', '20 min half marathon', '4 km easy')).toBe('2027-03-14');
  });
});

describe('any table', () => {
  const words = [
    ...['Day 1', '28', '29', '1', '2', 'March 2027', '2027-03-04: 8 easy', '60', '30 miles'],
    ...['Week 2 – 50 km: Tue 8, Thu 6 x 400 m, Sun 16', 'am 5; pm 6 x 800 m @ 5 km', 'R'],
    ...['', 'Mon', 'Tue AM', 'Sun', 'Sat PM', 'Week 1', 'Date', 'Day', 'Session', 'km', 'Total'],
    ...['Base', 'Long run', 'Key session', 'rest', 'easy', '8', '16 long', 'gym', 'Race', '5+10'],
    ...['6 x 800 m @ 5k, 90 s jog', 'am 5; pm 6 x 400 m @ 5k, 60 s', '10k race', '~50', '?'],
    ...Array.from({ length: 40 }, (_, day) => addDays('2027-02-24', day)),
  ];
  const rows = fc.array(fc.array(fc.constantFrom(...words), { maxLength: 9 }), { maxLength: 20 });

  it('is a block of finite weeks, or one that says what stands in its way', () => {
    fc.assert(
      fc.property(rows, (table) => {
        const { cells } = cellsOf(
          drawnOut(table, readDate).table.map((row) => [...row]),
          '2027-04-11',
        );
        countedIn(table, cells);
        if (cells.length === 0) return;
        const planned = planBlock(cells, { given: given('2027-04-11'), measure: km });
        if (!planned.ok) expect(planned.problems[0]?.message).toMatch(/\.$/);
        else for (const { volume } of layOut(planned.spec).weeks) expect(volume).toBeLessThan(1e7);
      }),
    );
  });
});

const short = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

describe('a plan as a block', () => {
  it('keeps every day as it is written, its weeks the sum of their days', () => {
    const { cells } = cellsOf(five, '2027-04-18');
    const planned = planBlock(cells, { given: given('2027-04-18'), measure: km });
    if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
    expect(planned.untaken).toEqual([]);
    const { weeks } = layOut(planned.spec);
    const figures = weeks.map(({ days }) => days.map(({ distance }) => distance / 1000));
    // Six times 600 m and five jogs of 90 s; 20 minutes of an hour's pace: what they come to.
    const [hard = 0, tempo = 0] = [figures[0]?.[1], figures[1]?.[1]];
    expect(hard).toBeGreaterThan(3.6);
    expect(tempo).toBeGreaterThan(3);
    expect(figures.slice(0, 3)).toEqual([
      [8, hard, 10, 0, 8, 5, 16],
      [8, tempo, 10, 0, 9, 5, 18],
      [8, 10, 10, 0, 8, 0, 14],
    ]);
    expect(figures[3]?.slice(0, 6)).toEqual([6, 6, 8, 0, 5, 4]);
    expect(weeks[0]?.volume).toBe(sum(figures[0] ?? []) * 1000);
    // A figure beside its days is kept, and that they make up another is said.
    expect(weeks[1]?.volume).toBe(70_000);
    expect(layOut(planned.spec).findings.map(({ check }) => check)).toContain('week-under-wish');
    expect(weeks[2]?.days[5]).toMatchObject({ role: 'cross-train', cross: { time: 2400 } });
    expect(weeks[0]?.longRun).toBe(16_000);
  });

  const named = [
    ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
    ['', '8', '10', '6 x 600 m @ 5 km, 90 s jog', '8', '5', '16'],
    ['', '9', '10', '20 min @ one-hour', '9', '5', '18'],
    ['', '6', '6', '6', '', '5', '12'],
    ['', '10', '11', '5 x 1 km @ 10 km, 2 min jog', '9', '5', '18'],
    ['', '8', '8', '6', '', '3', '10k race'],
    ['', '10', '11', '3 x 10 min @ one-hour, 2 min jog', '9', '6', '19'],
    ['', '6', '6', '5', '', '3', 'Race'],
  ];
  const planned = () => {
    const { cells } = cellsOf(named, '2027-05-02');
    const found = planBlock(cells, { given: given('2027-05-02'), measure: km });
    if (!found.ok) throw new Error(found.problems.map(({ message }) => message).join(' '));
    return { ...found, laid: layOut(found.spec) };
  };

  it('has no session but its own: a figure alone is easy running', () => {
    const { laid } = planned();
    const days = laid.weeks.flatMap((week) => week.days).slice(0, -1);
    const quick = days.filter(({ hardTime, role }) => hardTime > 0 && role !== 'tune-up');
    expect(quick.map(({ date }) => date)).toEqual([
      '2027-03-18',
      '2027-03-25',
      '2027-04-08',
      '2027-04-22',
    ]);
  });

  it('runs on no day that names work alone', () => {
    const { cells } = cellsOf(
      named.map((row) => row.with(5, row[5] === '5' ? 'gym' : (row[5] ?? ''))),
      '2027-05-02',
    );
    const found = planBlock(cells, { given: given('2027-05-02'), measure: km });
    const [week] = found.ok ? layOut(found.spec).weeks : [];
    expect(week?.days[5]).toMatchObject({ role: 'rest', distance: 0, beside: { strength: true } });
    expect(week?.volume).toBe(46_700);
  });

  it('has its races on the way as races, with what goes before and after', () => {
    const { spec, untaken, taken, laid } = planned();
    expect([untaken, taken]).toEqual([[], 38]);
    const name = '10k race';
    const from = '2027-04-18';
    expect(spec.events).toEqual([
      { kind: 'tune-up-race', name, from, distance: 10_000, isLongRun: true },
    ]);
    expect(laid.weeks[4]?.days[6]).toMatchObject({ role: 'tune-up' });
    expect(laid.findings.map(({ check }) => check)).not.toContain('test-missing');
  });

  it('starts, rests and peaks as its own weeks do, of an athlete of whom no more is known', () => {
    const { spec, laid } = planned();
    const [first = NaN, , , fourth = NaN, , sixth = NaN] = laid.weeks.map(({ volume }) => volume);
    expect(spec.volume).toMatchObject({ start: first, peak: Math.max(fourth, sixth) });
    expect(spec.volume?.recovery?.weeks).toEqual([3]);
    expect(spec.longRun).toMatchObject({ start: 16_000, peak: 19_000 });
    const codes = laid.findings.map(({ check }) => check);
    for (const code of ['growth-over-cap', 'long-run-grown-too-fast', 'recovery-too-shallow']) {
      expect(codes).not.toContain(code);
    }
  });

  describe('has the phases that it names', () => {
    const [head = [], ...rows] = named;
    const phasesOf = (table: string[][]) => {
      const { cells } = cellsOf(table, '2027-05-02');
      const found = planBlock(cells, { given: given('2027-05-02'), measure: km });
      if (!found.ok) throw new Error(found.problems.map(({ message }) => message).join(' '));
      expect(layOut(found.spec).weeks).toHaveLength(7);
      const { layout, own = [] } = found.spec.phases ?? {};
      if (layout !== 'own') return undefined;
      return own.map(({ name, kind, weeks }) => [name, kind, weeks]);
    };
    const beside = (phases: readonly string[]) => [
      ['Phase', ...head],
      ...rows.map((row, index) => [phases[index] ?? '', ...row]),
    ];

    it('above its weeks', () => {
      const [one = [], two = [], three = [], ...others] = rows;
      const parted = [head, ['BASE'], one, two, three, ['Build (race pace)'], ...others];
      expect(phasesOf(parted)).toEqual([
        ['BASE', 'foundation', 3],
        ['Build', 'specific', 4],
      ]);
    });

    it('beside them, a lighter week within one, what is unknown as the one before', () => {
      const names = ['Base 1', 'Base 2', 'Recovery', 'Hills', 'Mud and rain', '', 'Taper'];
      expect(phasesOf(beside(names))).toEqual([
        ['Base', 'foundation', 3],
        ['Hills', 'hills-and-strength', 1],
        ['Mud and rain', 'hills-and-strength', 2],
        ['Taper', 'taper', 1],
      ]);
    });

    it('or the product’s, where the first week has no name or no name is known', () => {
      expect(phasesOf(beside(['', 'Base']))).toBeUndefined();
      expect(phasesOf(beside(['Mud', 'Rain', 'Wind']))).toBeUndefined();
    });

    it('day by day', () => {
      const table = [
        ['Date', 'Session', 'Phase'],
        ['2027-04-12', '8 easy', 'Base'],
        ['2027-04-13', '6 x 800 m @ 5 km, 2 min jog', ''],
        ['2027-04-19', '10 easy', 'Taper'],
        ['2027-05-02', 'Race', ''],
      ];
      const { cells } = cellsOf(table, '2027-05-02');
      expect(cells.filter(({ kind }) => kind === 'phase')).toMatchObject([
        { date: '2027-04-12', text: 'Base' },
        { date: '2027-04-19', text: 'Taper' },
      ]);
    });
  });

  it('starts where the athlete is known to be', () => {
    const { cells } = cellsOf(named, '2027-05-02');
    const athlete = { name: 'Idris Vale', recentWeeks: [40_000, 40_000, 40_000, 40_000] };
    const found = planBlock(cells, { given: given('2027-05-02', athlete), measure: km });
    if (!found.ok) throw new Error('refused');
    expect(found.spec.volume?.start).toBe(40_000);
    expect(layOut(found.spec).findings.map(({ check }) => check)).toContain('growth-over-cap');
  });

  it('takes rows of volume and long run alone, and works out the days', () => {
    const { cells } = cellsOf(
      [
        ['km', 'long run'],
        ['50', '16'],
        ['54', '18 (last 4 @ marathon)'],
        ['40', '14'],
        ['30', ''],
      ],
      '2027-04-18',
    );
    const planned = planBlock(cells, { given: given('2027-04-18'), measure: km });
    if (!planned.ok) throw new Error('refused');
    expect(planned).toMatchObject({ taken: 7, untaken: [] });
    const { weeks } = layOut(planned.spec);
    expect(weeks.map(({ volume }) => volume)).toEqual([50_000, 54_000, 40_000, 30_000]);
    expect(weeks.slice(0, 3).map(({ longRun }) => longRun)).toEqual([16_000, 18_000, 14_000]);
  });

  describe('of key days and what its weeks come to', () => {
    const keyDays = [
      ['Week', 'km', 'Tue', 'Thu', 'Sun'],
      ['1', '60', '8 x 400 m @ 5 km, 60 s jog', '20 min @ one-hour', '18'],
      ['2', '66', '6 x 800 m @ 5 km, 2 min jog', '25 min @ one-hour', '20'],
      ['3', '70', '5 x 1 km @ 10 km, 2 min jog', '30 min @ one-hour', '22'],
      ['4', '50', '', '8', '15'],
      ['5', '30', '4 x 400 m @ 10 km, 90 s jog', '', 'Race'],
    ];
    const laidFrom = (table: string[][]) => {
      const { cells } = cellsOf(table, '2027-04-04');
      const found = planBlock(cells, { given: given('2027-04-04'), measure: km });
      if (!found.ok) throw new Error('refused');
      return layOut(found.spec);
    };

    it('has each week as it is written, the other days run and none of them hard', () => {
      const { weeks } = laidFrom(keyDays);
      // Of the 30 km of race week 10 are raced.
      expect(weeks.map(({ volume }) => volume)).toEqual([60_000, 66_000, 70_000, 50_000, 20_000]);
      expect(weeks.map(({ distance }) => distance)).toEqual(weeks.map(({ volume }) => volume));
      expect(weeks.slice(0, 4).map(({ longRun }) => longRun)).toEqual([
        ...[18_000, 20_000, 22_000, 15_000],
      ]);
      const hard = weeks.map(({ days }) =>
        days.flatMap(({ hardTime, role }, place) =>
          hardTime > 0 && role !== 'race' ? [short[place]] : [],
        ),
      );
      expect(hard).toEqual([['Tue', 'Thu'], ['Tue', 'Thu'], ['Tue', 'Thu'], [], ['Tue']]);
      expect(weeks.slice(0, 3).every(({ runDays }) => runDays > 3)).toBe(true);
      // 3.2 km of repetitions and 7 times 60 s jogged, and two kilometres or more around them.
      expect(weeks[0]?.days[1]?.distance).toBeGreaterThan(7000);
    });

    it('counts the race in the figure of its week, where what is left bears the days it names', () => {
      const raceWeek = (figure: string, table = keyDays) => {
        const rows = table.map((row) => (row[0] === '5' ? ['5', figure, ...row.slice(2)] : row));
        const { cells } = cellsOf(rows, '2027-04-04');
        const found = planBlock(cells, { given: given('2027-04-04'), measure: km });
        if (!found.ok) throw new Error('refused');
        return { beforeRace: found.beforeRace, week: layOut(found.spec).weeks[4] };
      };
      expect(raceWeek('35')).toMatchObject({ beforeRace: 25_000, week: { distance: 25_000 } });
      // Its Tuesday alone is 7 km: with the race that is more than 15.
      expect(raceWeek('15')).toMatchObject({ beforeRace: undefined, week: { distance: 15_000 } });
    });

    it('may have them in hours', () => {
      const hours = [
        ['Week', 'Hours', 'Tue', 'Thu', 'Sun'],
        ['1', '4:20', '6 x 3 min @ 5 km, 2 min jog', '20 min @ one-hour', '80'],
        ['2', '4.75', '6 x 3 min @ 5 km, 2 min jog', '25 min @ one-hour', '1:25'],
        ['3', '5', '5 x 4 min @ 5 km, 2 min jog', '25 min @ one-hour', '90'],
        ['4', '3.5', '45', '45', '60'],
        ['5', '2:40', '4 x 2 min @ 5 km, 2 min jog', '20', 'Race'],
      ];
      const { cells, shape } = cellsOf(hours, '2027-04-04');
      expect(shape.columns[1]).toBe('volume');
      expect(countedIn(hours, cells)).toBe('time');
      const athlete = { name: 'Idris Vale', basis: 'time' as const, results: [TEN_KM] };
      const found = planBlock(cells, {
        given: given('2027-04-04', athlete),
        measure: { basis: 'time', unit: 'km', step: 1 },
      });
      if (!found.ok) throw new Error('refused');
      expect(found.untaken).toEqual([]);
      // 160 min less a race of 40.
      expect(found.beforeRace).toBe(120 * 60);
      expect(layOut(found.spec).weeks.map(({ time }) => time / 60)).toEqual([
        ...[260, 285, 300, 210, 120],
      ]);
    });

    it('runs on no day that names work alone, key days or not', () => {
      const gym = keyDays.map((row) => row.map((cell) => (cell === '8' ? 'gym' : cell)));
      expect(laidFrom(gym).weeks[3]?.days[3]).toMatchObject({ role: 'rest', distance: 0 });
    });

    it('rests on the others where it says nothing of the week, or has all seven days', () => {
      const without = keyDays.map(([week = '', , ...days]) => [week, ...days]);
      expect(laidFrom(without).weeks[0]?.days.filter(({ distance }) => distance > 0)).toHaveLength(
        3,
      );
      const [, ...rows] = keyDays;
      const whole = [
        ['Week', 'km', ...short],
        ...rows.map(([week = '', volume = '', tue = '', thu = '', sun = '']) => [
          ...[week, volume, '', tue, '', thu, '', '', sun],
        ]),
      ];
      expect(laidFrom(whole).weeks[0]?.days.filter(({ distance }) => distance > 0)).toHaveLength(3);
    });
  });

  describe('of weeks that are more than their days', () => {
    const whole = (race: string) => [
      ['Week', ...short, 'Total km'],
      ['1', '', '8', '10', '6 x 800 m @ 5 km, 2 min rest', '', '6', '16', '50'],
      ['2', '', '8', '6 x 800 m @ 5 km, 2 min rest', '10', '', '6', '18', '52.4'],
      ['3', '', '8', '10', '20 x 400 m @ 5 km, 1 min rest', '', '6', '14', '60'],
      ['4', '', '8', '4 x 1 km @ 5 km, 2 min rest', '5', '', '4', 'Race', race],
    ];
    const laidFrom = (race: string) => {
      const { cells } = cellsOf(whole(race), '2027-04-04');
      const found = planBlock(cells, { given: given('2027-04-04'), measure: km });
      if (!found.ok) throw new Error('refused');
      return { ...layOut(found.spec), beforeRace: found.beforeRace, warmedUp: found.warmedUp };
    };

    it('has the rest around the sessions that stand alone', () => {
      const { weeks, warmedUp } = laidFrom('24');
      // Race week’s too: 3 km are left of 24.
      expect(warmedUp).toBe(3);
      // 4.8 km of repetitions and 40 in the other days: 5.2 are left of 50, 5.6 of 52.4.
      expect(weeks.slice(0, 2).map(({ distance }) => distance)).toEqual([50_000, 52_400]);
      expect(weeks[0]?.days[3]?.sessions[0]?.shorthand).toMatch(
        /^2\.6 km easy; 6 x 800 m @ 5 km.*; 2\.6 km easy$/,
      );
      // Nobody warms up and cools down by 14 km: the third stays as it is written.
      expect(weeks[2]?.days[3]?.distance).toBe(8000);
    });

    it('counts the race in its own, or no', () => {
      // 21 km of days and 10 of racing; a figure that was rounded; one that is without the race.
      expect(laidFrom('31')).toMatchObject({ beforeRace: 21_000 });
      expect(laidFrom('30')).toMatchObject({ beforeRace: 21_000 });
      expect(laidFrom('33').weeks[3]).toMatchObject({ distance: 23_000 });
      const alone = laidFrom('25');
      expect(alone).toMatchObject({ beforeRace: undefined });
      expect(alone.weeks[3]?.distance).toBe(25_000);
      // The sum of its days, where no figure stands beside them.
      expect(laidFrom('')).toMatchObject({ beforeRace: undefined });
    });
  });

  describe('has its key sessions where they stand beside the week', () => {
    const weekly = [
      ['Week of', 'Km', 'Long run', 'Session 1', 'Session 2'],
      ['2027-03-01', '50', '15', '6 x 600 m @ 5 km, 90 s jog', '20 min @ one-hour'],
      ['2027-03-08', '54', '16', '8 x 400 m @ 5 km, 60 s jog', ''],
      ['2027-03-15', '40', '13', '', 'hills 8 x 60 s'],
      ['2027-03-22', '54', '16', '5 x 1 km @ 10 km, 2 min jog', '25 min @ one-hour'],
      ['2027-03-29', '30', '', '4 x 400 m @ 10 km, 90 s jog', ''],
    ];
    const { cells, shape } = cellsOf(weekly);
    const taken = (read: typeof cells) => {
      const found = planBlock(read, { given: given('2027-04-04'), measure: km });
      if (!found.ok) throw new Error('refused');
      return { ...found, laid: layOut(found.spec) };
    };

    it('each on a day that is run hard, and no others', () => {
      expect(shape.columns).toEqual(['date', 'volume', 'longRun', 'session', 'session']);
      const { untaken, laid, taken: count } = taken(cells);
      expect([untaken, count]).toEqual([[], 9 + 7]);
      const hard = laid.weeks.map(({ days }) =>
        days
          .filter(({ role }) => role === 'quality')
          .map(({ sessions }) => /easy; (.*); .* easy$/.exec(sessions[0]?.shorthand ?? '')?.[1]),
      );
      expect(hard).toEqual([
        ['6 x 600 m @ 5 km, 90 s jog', '20 min one-hour'],
        ['8 x 400 m @ 5 km, 60 s jog'],
        ['hills; 8 x 60 s uphill'],
        ['5 x 1 km @ 10 km, 2 min jog', '25 min one-hour'],
        ['4 x 400 m @ 10 km, 90 s jog'],
      ]);
      expect(laid.weeks.map(({ volume }) => volume / 1000)).toEqual([50, 54, 40, 54, 30]);
    });

    it('and those that find no day are not taken', () => {
      const many = ['1', '2', '3', '4', '5', '6'].map((each) => ({
        ...{ kind: 'session' as const, date: '2027-03-01' },
        text: `${each} km @ 10 km`,
      }));
      const after = { kind: 'session' as const, date: '2027-04-05', text: '30 min easy' };
      const { untaken } = taken([...cells, ...many, after]);
      expect(untaken.pop()?.problem).toMatch(/the week of Mon 5 Apr is outside the block\.$/);
      expect(untaken.length).toBeGreaterThan(0);
      expect(untaken.at(-1)?.problem).toMatch(
        /^“6 km @ 10 km”: week 1 has no day for .* key session\. Write it on its day in the Sheet\.$/,
      );
    });
  });

  it('says which cells it could not read, and takes the others', () => {
    const { cells } = cellsOf(
      [
        ['Date', 'Session'],
        ['2027-03-23', '8 easy'],
        ['2027-03-24', '6 x 1000 @ 10 km'],
        ['2027-04-18', 'race'],
      ],
      '2027-04-18',
    );
    const planned = planBlock(cells, { given: given('2027-04-18'), measure: km });
    if (!planned.ok) throw new Error('refused');
    expect(planned.taken).toBe(1);
    expect(planned.untaken).toMatchObject([
      { text: '6 x 1000 @ 10 km', suggestion: '6 x 1000 m @ 10 km' },
    ]);
  });

  it('says of a row after the race that it is outside the block', () => {
    const planned = planBlock(
      [
        { kind: 'volume', date: '2027-04-12', text: '30' },
        { kind: 'volume', date: '2027-04-19', text: '20' },
      ],
      { given: given('2027-04-18'), measure: km },
    );
    expect(planned).toMatchObject({ ok: false });
  });

  it('of the past is a record, and one of a day or a year is refused with its reason', () => {
    const past = planBlock([{ kind: 'day', date: '2020-03-02', text: '8' }], {
      given: given('2020-04-19'),
      measure: km,
    });
    expect(past.ok).toBe(true);
    const long = planBlock([{ kind: 'day', date: '2025-03-02', text: '8' }], {
      given: given('2027-04-18'),
      measure: km,
    });
    expect(long).toMatchObject({ ok: false });
  });
});

describe('the weeks of a plan', () => {
  const drawn = (table: string[][]) => drawnOut(table, readDate).table.map((row) => [...row]);

  it('are no phases where they are counted and the last is named', () => {
    const table = [
      ['', 'wk1', 'wk2', 'wk3 (easy)', 'race week'],
      ['Monday', '8', '8', '5', '6'],
      ['Wednesday', '10', '12', '8', '6'],
      ['Sunday', '16', '18', '12', '10 km race'],
    ];
    const { shape, cells } = cellsOf(drawn(table), TEN_KM.date);
    expect(shape.columns).toEqual(['week', 'monday', 'wednesday', 'sunday']);
    expect(cells.filter(({ kind }) => kind === 'phase')).toEqual([]);
  });

  it('take their sums from a title in thousands of metres, and from a column of times', () => {
    const days = ['Mon: rest', 'Tue: 8', 'Wed: 10', 'Thu: 8', 'Fri: rest', 'Sat: 10', 'Sun: 16'];
    const told = ['Week 1 - 52k', ...days, 'Week 2 - 10k race', ...days];
    const { cells } = cellsOf(drawn(told.map((line) => [line])), TEN_KM.date);
    expect(cells.filter(({ kind }) => kind === 'volume').map(({ text }) => text)).toEqual(['52k']);
    const timed = [
      ['Week', 'Mon', 'Sun', 'Time'],
      ['1', '40', '90', '3:25'],
    ];
    expect(cellsOf(timed, TEN_KM.date).shape.columns.at(-1)).toBe('volume');
  });
});

describe('the long runs of a plan', () => {
  // Four weeks from Monday 1 March 2027 to a race on Sunday 28 March.
  const race = { name: 'Ostrel', date: '2027-03-28', distance: 10_000 };
  const longRuns = (days: Record<string, string>) =>
    longRunsOf(
      Object.entries(days).map(([day, text]) => ({ kind: 'day', date: `2027-03-${day}`, text })),
      { race, weekStartsOn: 'monday' },
    );

  it('are on the weekday that most of them are on; another is said, and the usual one rests', () => {
    const found = longRuns({
      ...{ '03': '10', '07': '16' },
      ...{ '13': '18', '14': '5' },
      ...{ '17': '9', '21': 'Long 20,5' },
      ...{ '23': '8', '28': '10 km race' },
    });
    expect(found).toMatchObject({
      week: { longRunOn: 'sunday' },
      days: [
        { date: '2027-03-14', role: 'rest' },
        { date: '2027-03-13', role: 'long' },
        // The race stands where the long run would be.
        { date: '2027-03-23', role: 'long' },
      ],
    });
  });

  it('are what is called so, and what takes longest', () => {
    const longRunOn = (tuesday: string, sunday: string) =>
      longRuns({ '02': tuesday, '07': sunday }).week?.longRunOn;
    expect(longRunOn('12', '90 min')).toBe('sunday');
    expect(longRunOn('12', '1h15')).toBe('sunday');
    expect(longRunOn('16', '1:30')).toBe('tuesday');
    expect(longRunOn('16', 'Long run 90 min')).toBe('sunday');
    expect(longRunOn('medium-long 18', 'LR 16')).toBe('sunday');
    for (const beside of [
      'XT 45',
      'Yoga 60 min',
      '45 min XT',
      "60' gym",
      'bike 90',
      '120 min hike',
    ])
      expect([beside, longRunOn(beside, '13 last 3 @ HMP')]).toEqual([beside, 'sunday']);
    expect(longRunOn('18 + core', '16')).toBe('tuesday');
    const byTime = longRunsOf(
      [
        { kind: 'day', date: '2027-03-02', text: '60' },
        { kind: 'day', date: '2027-03-07', text: '1:45' },
      ],
      { race, weekStartsOn: 'monday', athlete: { basis: 'time' } },
    );
    expect(byTime.week?.longRunOn).toBe('sunday');
  });

  it('are none of repetitions, minutes or the bike, however large the figure', () => {
    const longRunOn = (text: string) => longRuns({ '02': text, '07': '16' }).week?.longRunOn;
    expect(longRunOn('18')).toBe('tuesday');
    const others = ['24 x 200 m', '25x400', '90 min', '800 m', "45'", '40 bike', '30 in the pool'];
    expect(others.map(longRunOn)).toEqual(others.map(() => 'sunday'));
  });
});
