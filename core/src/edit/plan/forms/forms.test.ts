import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, weekdays } from '../../../base/index.js';
import {
  countedIn,
  drawnOut,
  guessColumns,
  type PlanColumn,
  planCells,
  type ReadDate,
  startOfWeeks,
} from '../index.js';

const readDate: ReadDate = (text) => /^\d{4}-\d\d-\d\d$/.exec(text)?.[0];
const RACE = '2027-04-11';

/** The days of a plan as they are read, whatever it was laid out as. */
function daysOf(came: readonly (readonly string[])[]) {
  const { table } = drawnOut(came, readDate);
  const shape = guessColumns(table, 'monday', readDate);
  return planCells(table, shape, { weekStartsOn: 'monday', readDate, raceDate: RACE })
    .filter(({ kind, text }) => kind === 'day' && text !== '')
    .map(({ date, text }) => `${date} ${text}`);
}

const short = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const plan = [
  ['rest', '8 easy', '6 x 800 m @ 5k, 90 s jog', '8', 'rest', '6 + strides', '16'],
  ['rest', '8 easy', '20 min @ threshold', '9', 'rest', '6', '18'],
  ['rest', '5', '6 x 200 m @ mile, 200 m jog', '4', 'rest', '3', '10 km race'],
];
const withHead = (weeks: readonly (readonly string[])[]) => [short, ...weeks];
const dateOf = (week: number, day: number, weeks: number) =>
  addDays(RACE, 7 * (week - weeks) + day + 1);

const numberOf = (week: number, day: number, weeks: number) =>
  String(Number(dateOf(week, day, weeks).slice(-2)));

/** The same weeks as coaches lay them out; each is read as weeks down and days across are. */
const forms: Readonly<Record<string, (weeks: readonly (readonly string[])[]) => string[][]>> = {
  'weeks side by side': (weeks) => [
    ['', ...weeks.map((_, week) => `Week ${week + 1}`)],
    ...short.map((day, at) => [day, ...weeks.map((week) => week[at] ?? '')]),
  ],
  'weeks side by side, one panel below the other': (weeks) =>
    (weeks.length < 4 ? [weeks] : [weeks.slice(0, 2), weeks.slice(2)]).flatMap((panel, index) => [
      ['', ...panel.map((_, week) => `Wk ${week + 1 + 2 * index}`)],
      ...short.map((day, at) => [day, ...panel.map((week) => week[at] ?? '')]),
      [''],
    ]),
  'a day a row': (weeks) => [
    ['Week', 'Day', 'Session'],
    ...weeks.flatMap((week, index) =>
      week.map((text, at) => [at === 0 ? String(index + 1) : '', short[at] ?? '', text]),
    ),
  ],
  'a calendar': (weeks) =>
    weeks.flatMap((week, index) => [
      week.map((_, at) => dateOf(index, at, weeks.length)),
      [...week],
    ]),
  'a wall calendar, days by their number': (weeks) => [
    short,
    ...weeks.flatMap((week, index) => [
      week.map((_, at) => numberOf(index, at, weeks.length)),
      [...week],
    ]),
  ],
  'a wall calendar, what is run in the cells': (weeks) =>
    weeks.map((week, index) =>
      week.map((text, at) => `${numberOf(index, at, weeks.length)}\n${text}`),
    ),
  'a calendar with dates in its cells': (weeks) => [
    [...short, 'km'],
    ...weeks.map((week, index) => [
      ...week.map((text, at) => `${dateOf(index, at, weeks.length)}: ${text}`),
      '60',
    ]),
  ],
  'days by their number in the week': (weeks) => [
    ['', ...short.map((_, at) => `Day ${at + 1}`)],
    ...weeks.map((week, index) => [`Week ${index + 1}`, ...week]),
  ],
  'a week a line': (weeks) =>
    weeks.map((week, index) => [
      `Week ${index + 1}: ${week.map((text, at) => `${short[at] ?? ''} ${text}`).join(', ')}`,
    ]),
  'a date a row': (weeks) =>
    weeks.flatMap((week, index) => week.map((text, at) => [dateOf(index, at, weeks.length), text])),
  'morning and evening': (weeks) => [
    ['Week', ...short.flatMap((day) => [`${day} AM`, `${day} PM`])],
    ...weeks.map((week, index) => [
      String(index + 1),
      ...week.flatMap((text, at) => (at % 2 === 0 ? [text, ''] : ['rest', text])),
    ]),
  ],
  'a row of sessions and a row of figures': (weeks) => [
    ['Week', ...short],
    ...weeks.flatMap((week, index) => {
      const figures = week.map((text) => /^\d+(?= easy$)/.exec(text)?.[0] ?? '');
      const texts = week.map((text, at) => (figures[at] === '' ? text : 'easy'));
      return [
        [String(index + 1), ...texts],
        ['km', ...figures],
      ];
    }),
  ],
  'a heading over every week': (weeks) =>
    weeks.flatMap((week, index) => [[`Week ${index + 1}`, ...short], ['', ...week], []]),
  'a heading over every week, mornings and evenings below': (weeks) =>
    weeks.flatMap((week, index) => [
      [`Week ${index + 1}`],
      ['', ...short],
      ['AM', ...week.map((text, at) => (at % 2 === 0 ? text : 'rest'))],
      ['PM', ...week.map((text, at) => (at % 2 === 0 ? '' : text))],
    ]),
  'a heading over every week, figures above sessions': (weeks) =>
    weeks.flatMap((week, index) => {
      const figures = week.map((text) => /^\d+(?= easy$)/.exec(text)?.[0] ?? '');
      return [
        [`Wk ${index + 1}`, ...short],
        ['km', ...figures],
        ['Session', ...week.map((text, at) => (figures[at] === '' ? text : 'easy'))],
      ];
    }),
  'a heading over every phase': (weeks) => [
    ['Base', ...short],
    ...weeks.slice(0, 2).map((week, index) => [`Week ${index + 1}`, ...week]),
    ['Build', ...short],
    ...weeks.slice(2).map((week, index) => [`Week ${index + 3}`, ...week]),
  ],
  'weeks named in words, a note behind': (weeks) =>
    weeks.map((week, index) => [`Week ${index + 1}`, ...week, 'Keep it easy']),
};

describe('a plan laid out as coaches do', () => {
  it.each(Object.entries(forms))('%s', (_, laid) => {
    expect(daysOf(laid(plan))).toEqual(daysOf(withHead(plan)));
    expect(daysOf(laid([...plan, ...plan]))).toEqual(daysOf(withHead([...plan, ...plan])));
  });

  it('joins the week that two pages of a calendar share, by the months over them', () => {
    const near: ReadDate = (text) => {
      const [, day = '', month] = /^(\d+) (mar|apr)\b/i.exec(text) ?? [];
      if (month === undefined) return readDate(text);
      return `2027-0${/mar/i.test(month) ? 3 : 4}-${day.padStart(2, '0')}`;
    };
    const { table, said } = drawnOut(
      [
        ['March 2027'],
        short,
        ['22', '23', '24', '25', '26', '27', '28'],
        ['rest', '8', '10', '8', 'rest', '6', '16', '48 km'],
        ['29', '30', '31'],
        ['rest', '9', '8 x 400 m'],
        ['', '', '+ strides'],
        ['APRIL – taper'],
        short,
        ['', '', '', '1', '2', '3', '4'],
        ['', '', '', '7', 'rest', '5', '14'],
        ['Race week', '5', '6', '7', '8', '9', '10', '11'].slice(1),
        ['5', '5', '4 x 400 m', '4', 'rest', '3', 'Race'],
      ],
      near,
    );
    expect(said).toMatch(/calendar/);
    expect(table).toEqual([
      ['Date', ...weekdays],
      ['2027-03-22', 'rest', '8', '10', '8', 'rest', '6', '16'],
      ['2027-03-29', 'rest', '9', '8 x 400 m + strides', '7', 'rest', '5', '14'],
      ['2027-04-05', '5', '5', '4 x 400 m', '4', 'rest', '3', 'Race'],
    ]);
  });

  it('leaves open what a line tells nothing of', () => {
    const { table } = drawnOut(
      [
        ['Spring block'],
        ['Week 1 – 50 km: Tue 8 x 400 m @ 5k (200 m jog), Thursday - tempo 20 min, Sun 16 km.'],
        ['Week 2 (55 km): Tues: 6 x 800 m @ 5k; Thurs: 25 min tempo; Sunday: 18'],
        ['Week 3 – easy: Tue 6, Sun race'],
      ],
      readDate,
    );
    expect(table).toEqual([
      ['week', 'volume', 'tuesday', 'thursday', 'sunday'],
      ['1', '50', '8 x 400 m @ 5k (200 m jog)', 'tempo 20 min', '16 km'],
      ['2', '55', '6 x 800 m @ 5k', '25 min tempo', '18'],
      ['3', '', '6', '', 'race'],
    ]);
  });

  it('takes no figures for the days of a month', () => {
    const figures = [
      short,
      ['5', '6', '7', '8', '9', '10', '11'],
      ['6', '7', '8', '9', '10', '0', '12'],
    ];
    expect(drawnOut(figures, readDate)).toEqual({ table: figures });
  });

  it('holds whatever its cells say', () => {
    const cell = fc.constantFrom('8', '10 easy', 'rest', '6 x 400 m @ 5k, 60 s', '16 long', '5+8');
    const weeks = fc.array(fc.array(cell, { minLength: 7, maxLength: 7 }), {
      minLength: 4,
      maxLength: 12,
    });
    fc.assert(
      fc.property(weeks, fc.constantFrom(...Object.keys(forms)), (drawn, form) => {
        expect(daysOf(forms[form]?.(drawn) ?? [])).toEqual(daysOf(withHead(drawn)));
      }),
    );
  });

  it('as weeks down and days across stays as it came', () => {
    const plain = withHead(plan);
    expect(drawnOut(plain, readDate)).toEqual({ table: plain });
    expect(drawnOut([['Day', 'Km']], readDate)).toEqual({ table: [['Day', 'Km']] });
  });

  it('line by line, with what is said beside its days', () => {
    const lines = [
      'Week 1: settle in',
      'Mon: rest',
      'Tue: 8 easy, strides',
      'Thur – 6 x 800 m @ 5 km, 2 min jog',
      'Sunday 16 long',
      'Take care on the ice.',
      'Monday rest',
      'Tuesday: 9',
      'Sun: Race',
    ].map((line) => [line]);
    const told = [
      ['week', 'monday', 'tuesday', 'thursday', 'sunday', 'notes'],
      [
        ...['1', 'rest', '8 easy, strides', '6 x 800 m @ 5 km, 2 min jog', '16 long'],
        'Week 1: settle in; Take care on the ice.',
      ],
      ['2', 'rest', '9', '', 'Race', ''],
    ];
    expect(drawnOut(lines, readDate).table).toEqual(told);
    const inTwo = lines.map(([line = '']) => line.split(/:? (.*)/s));
    expect(drawnOut(inTwo, readDate).table).toEqual(told);
    expect(daysOf(lines).slice(-3)).toEqual(['2027-04-05 rest', '2027-04-06 9', '2027-04-11 Race']);
  });

  it.each([
    ['bullets', (day: string, text: string) => `- ${day}: ${text}`],
    ['emphasis', (day: string, text: string) => `• **${day}** ${text}`],
    ['dashes', (day: string, text: string) => `${day} - ${text}`],
    ['days of two letters', (day: string, text: string) => `${day.slice(0, 2)}: ${text}`],
    ['a line for the day', (day: string, text: string) => `${day}:\n${text}`],
    ['sessions in lines', (day: string, text: string) => `${day}: ${text.replaceAll(', ', '\n')}`],
    ['numbers', (day: string, text: string) => `Day ${short.indexOf(day) + 1}: ${text}`],
  ])('line by line, in whatever way it is set out: with %s', (_, written) => {
    const weeks = plan.flatMap((week, at) => [
      `Week ${at + 1}`,
      ...short.map((day, place) => written(day, week[place] ?? '')),
    ]);
    const came = weeks.flatMap((lines) => lines.split('\n')).map((line) => [line]);
    expect(daysOf(came)).toEqual(daysOf(withHead(plan)));
  });

  it('line by line, its days by their letters, where these are whole weeks', () => {
    const week = ['M: rest', 'T: 8 easy', 'W – 6', 'T: 6 x 800 m', 'F: rest', 'S: 5', 'S: 16'];
    const lines = ['Week 1', ...week, 'Easy to begin with.', 'Week 2', ...week].map((line) => [
      line,
    ]);
    const days = week.map((line) => line.replace(/^.\W+/, ''));
    const head = ['week', ...weekdays];
    const rows = [
      ['1', ...days, 'Easy to begin with.'],
      ['2', ...days, ''],
    ];
    expect(drawnOut(lines, readDate).table).toEqual([[...head, 'notes'], ...rows]);
    // From Sunday on, its letter apart.
    const fromSunday = [...week.slice(-1), ...week.slice(0, -1)].map((line) => [
      line.charAt(0),
      line.slice(2).trim(),
    ]);
    const [named] = drawnOut(fromSunday, readDate).table;
    expect(named).toEqual(['week', 'sunday', ...head.slice(1, -1)]);
    // A T that may be either day is left as it is.
    const partly = lines.filter(([line]) => line !== 'M: rest');
    expect(drawnOut(partly, readDate).table).toEqual(partly);
  });

  it('line by line, with two runs of a day, days told together and ranges of them', () => {
    const week = [
      'Mon & Fri: rest',
      'Tue AM: 5',
      'Tue PM: 8 easy',
      'Wed–Thu: 7',
      'Sun: 16',
      'Total: 43 km',
    ];
    const came = ['Week 1', ...week, 'Week 2: 45–50 km', ...week.slice(0, -1)];
    const { table } = drawnOut(
      came.map((line) => [line]),
      readDate,
    );
    expect(table).toEqual([
      ['week', 'total', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'sunday'],
      ['1', '43 km', 'rest', 'am 5; pm 8 easy', '7', '7', 'rest', '16'],
      ['2', '45–50 km', 'rest', 'am 5; pm 8 easy', '7', '7', 'rest', '16'],
    ]);
  });

  it('line by line in miles is in miles where its titles alone say so', () => {
    const came = [
      'Week 1: 30 miles',
      'Tue: 8',
      'Sat: 9',
      'Sun: 13',
      'Week 2',
      'Tue: 5',
      'Sun: Race',
    ];
    const table = came.map((line) => [line]);
    const drawn = drawnOut(table, readDate).table;
    const shape = guessColumns(drawn, 'monday', readDate);
    const reading = { weekStartsOn: 'monday', readDate, raceDate: RACE } as const;
    expect(countedIn(table, planCells(drawn, shape, reading))).toBe('mi');
  });

  it('line by line, with the dates of its titles, where these are a week apart', () => {
    const days = ['Mon: rest', 'Tue: 8', 'Sun: 16'];
    const datesIn = (titles: readonly string[]) => {
      const lines = titles.flatMap((title) => [title, ...days]);
      const read: ReadDate = (text) =>
        readDate(text) ?? (/^\d\/12$/.test(text) ? `2027-12-0${text.slice(0, 1)}` : undefined);
      const came = lines.map((line) => [line]);
      const { table } = drawnOut(came, read);
      return table.map((row) => row[1]);
    };
    const dates = ['2027-03-29', '2027-04-05'];
    expect(datesIn(dates.map((date) => `Week of ${date}`))).toEqual(['date', ...dates]);
    expect(datesIn(dates.map((date, at) => `Week ${at + 1} (${date}): 24 km`))).toEqual([
      'date',
      ...dates,
    ]);
    expect(datesIn(['Week 3 (3/12)', 'Week 4 (4/12)'])).toEqual(['monday', 'rest', 'rest']);
  });

  it('line by line, with the sums and phases of its titles and the dates of its days', () => {
    const lines = [
      'BASE PHASE',
      'Week 1 – 40 km',
      'Mon 2027-03-29: rest',
      'Tue 2027-03-30: 8 easy',
      'Sun 2027-04-04 – 16 long',
      'Keep building, and rest when you are tired.',
      'Week 2 (Taper), total 24.5 km',
      'Mon 2027-04-05: rest',
      'Tue 2027-04-06: 9',
      'Sun 2027-04-11: Race',
    ].map((line) => [line]);
    const { table } = drawnOut(lines, readDate);
    const kinds = ['week', 'date', 'phase', 'total'];
    expect(table.map((row) => row.slice(0, 4))).toEqual([
      kinds,
      ['1', '2027-03-29', 'BASE PHASE', '40 km'],
      ['2', '2027-04-05', 'Taper', '24.5 km'],
    ]);
    expect(table.map((row) => row.slice(4, 7))).toEqual([
      ['monday', 'tuesday', 'sunday'],
      ['rest', '8 easy', '16 long'],
      ['rest', '9', 'Race'],
    ]);
    expect(table[1]?.at(-1)).toBe('Keep building, and rest when you are tired.');
  });

  it('whose weeks begin on Sunday has them begin so, however it is laid out', () => {
    const days = ['Sun', ...short.slice(0, 6)];
    const weeks = [
      ['16', 'rest', '8', '6 x 400 m @ 5k, 60 s', '8', 'rest', '5'],
      ['14', 'rest', '6', '6', 'rest', '4', '10k race'],
    ];
    const laid: readonly (readonly (readonly string[])[])[] = [
      [days, ...weeks],
      weeks.flatMap((week) => week.map((text, at) => [`${days[at] ?? ''}: ${text}`])),
      [
        ['Day', 'Run', 'Note'],
        ...weeks.flatMap((week) => week.map((text, at) => [days[at] ?? '', text, ''])),
      ],
      [['', '1', '2'], ...days.map((day, at) => [day, ...weeks.map((week) => week[at] ?? '')])],
    ];
    for (const came of laid) {
      const { table } = drawnOut(came, readDate);
      const shape = guessColumns(table, 'monday', readDate);
      const weekStartsOn = startOfWeeks(table, shape, 'monday', readDate);
      expect(weekStartsOn).toBe('sunday');
      const reading = { weekStartsOn, readDate, raceDate: '2027-04-10' };
      const cells = planCells(table, shape, reading);
      expect(
        cells.filter(({ kind }) => kind === 'day').map(({ date, text }) => [date, text]),
      ).toEqual(weeks.flat().map((text, day) => [addDays('2027-03-28', day), text]));
    }
    const startOf = (columns: PlanColumn[], rows: string[][] = []) =>
      startOfWeeks(rows, { head: 0, columns }, 'sunday', readDate);
    expect(startOf(['tuesday', 'thursday', 'sunday'])).toBe('monday');
    expect(startOf(['tuesday', 'thursday', 'saturday'])).toBe('sunday');
    // Without days the dates of its weeks say it.
    expect(
      startOf(
        ['date', 'volume'],
        [
          ['2027-03-01', '50'],
          ['2027-03-08', '54'],
        ],
      ),
    ).toBe('monday');
    expect(
      startOf(
        ['date', 'volume'],
        [
          ['2027-03-01', '50'],
          ['2027-03-09', '54'],
        ],
      ),
    ).toBe('sunday');
  });

  it('line by line, where no week is named, goes on with the next at an earlier day', () => {
    const lines = ['Tue: 8', 'Thu: 10', 'Mon: 5', 'Sat: 12', 'Fri: 6'].map((line) => [line]);
    expect(drawnOut(lines, readDate).table.map((row) => row.slice(1))).toEqual([
      ['monday', 'tuesday', 'thursday', 'friday', 'saturday'],
      ['', '8', '10', '', ''],
      ['5', '', '', '', '12'],
      ['', '', '', '6', ''],
    ]);
  });

  it('has its phases, sums and notes beside its weeks', () => {
    const rows = [
      ['Phase', 'Day', 'Session', 'Km', 'Notes'],
      ['Base', 'Mon', 'easy', '8', ''],
      ['', 'Wed', '6 x 400 m @ 5k, 60 s', '10', 'flat'],
      ['', '', 'easy', '5', ''],
      ['', 'Sun', 'long run', '16', ''],
      ['', 'Total', '', '39', ''],
      ['Build', 'Mon', 'easy', '8', ''],
      ['', 'Sun', 'bike', '60', ''],
    ];
    const { table } = drawnOut(rows, readDate);
    expect(table).toEqual([
      ['week', ...weekdays, 'phase', 'total', 'notes'],
      [
        ...['1', '8 easy', '', 'am 10 6 x 400 m @ 5k, 60 s; pm 5 easy', '', '', '', '16 long run'],
        ...['Base', '39', 'Wed: flat'],
      ],
      ['2', '8 easy', '', '', '', '', '', 'bike', 'Build', '', ''],
    ]);
    const down = [
      ['', 'Week 1', 'Week 2'],
      ['', 'BASE', 'BUILD'],
      ...short.map((day) => [day, '8', '9']),
      ['Total', '50', '60'],
      ['Long run', '16', '18'],
    ];
    expect(drawnOut(down, readDate).table).toEqual([
      ['week', 'phase', ...weekdays, 'Total', 'Long run'],
      ['Week 1', 'BASE', ...Array.from(short, () => '8'), '50', '16'],
      ['Week 2', 'BUILD', ...Array.from(short, () => '9'), '60', '18'],
    ]);
  });

  it('has the sums, dates and notes of weeks with headings of their own', () => {
    const week = (title: string, long: string) => [
      [title, 'Mon', 'Wed', 'Sun'],
      ['', '8', '20 min @ threshold', long],
      ['Notes', '', 'flat', ''],
    ];
    expect(
      drawnOut([...week('Week 1 – 50 km', '16'), ...week('Week 2 (54 km)', '18')], readDate),
    ).toEqual({
      table: [
        ['Week', 'monday', 'wednesday', 'sunday', 'Total'],
        ['Week 1', '8', '20 min @ threshold [flat]', '16', '50 km'],
        ['Week 2', '8', '20 min @ threshold [flat]', '18', '54 km'],
      ],
      said: 'Each of its weeks had a heading of its own; they stand under one here.',
    });
    const summed = (date: string, total: string) => [
      [`w/c ${date}`, 'Mon', 'Wed', 'Sun'],
      ['Run', '8', '10', '16'],
      ['Total', '', '', total],
    ];
    expect(
      drawnOut([...summed('2027-03-29', '34'), ...summed('2027-04-05', '36')], readDate).table,
    ).toEqual([
      ['Week of', 'monday', 'wednesday', 'sunday', 'Total'],
      ['2027-03-29', '8', '10', '16', '34'],
      ['2027-04-05', '8', '10', '16', '36'],
    ]);
  });

  it('has its figures in a row below its weeks, where no heading is over these', () => {
    const week = (name: string) => [
      [name, 'rest', '6 x 800 m', '16 long'],
      ['Distance', '0', '10', '16'],
    ];
    const table = [['', 'Mon', 'Wed', 'Sun'], ...week('w/c 1 March'), ...week('w/c 8 March')];
    expect(drawnOut(table, readDate).table).toEqual([
      ['', 'Mon', 'Wed', 'Sun'],
      ['w/c 1 March', 'rest', '10 6 x 800 m', '16 long'],
      ['w/c 8 March', 'rest', '10 6 x 800 m', '16 long'],
    ]);
    // Rows without a name there are weeks, whatever the first of them is called.
    for (const first of ['', 'Base']) {
      const weeks = [first, '', 'Taper', ''].map((name) => [name, '8', '10', '16']);
      const days = ['', 'Mon', 'Wed', 'Sun'];
      expect(drawnOut([days, ...weeks], readDate)).toEqual({ table: [days, ...weeks] });
    }
  });

  it('tells each day in a cell of its own that names it', () => {
    const week = (name: string, long: string) => [
      name,
      'Mon: rest',
      'Tue: 8 easy',
      'Thu – 10',
      `Sun: ${long}`,
    ];
    const weeks = [week('WEEK 1', '16'), week('WEEK 2', '18'), week('WEEK 3', '12')];
    expect(drawnOut([['A plan'], ...weeks], readDate).table).toEqual([
      ['week', 'monday', 'tuesday', 'thursday', 'sunday'],
      ['1', 'rest', '8 easy', '10', '16'],
      ['2', 'rest', '8 easy', '10', '18'],
      ['3', 'rest', '8 easy', '10', '12'],
    ]);
  });

  it('has weeks under titles of their own, below one heading', () => {
    const table = [
      ['Mon', 'Wed', 'Sun'],
      ['Week 1 – 60 km', '', ''],
      ['8', '10', '16'],
      ['', '', ''],
      ['', 'Week 2 (Taper)', ''],
      ['6', '8', '12'],
      ['', '2', ''],
    ];
    expect(drawnOut(table, readDate).table).toEqual([
      ['Week', 'Mon', 'Wed', 'Sun', 'Phase', 'Total'],
      ['Week 1', '8', '10', '16', '', '60 km'],
      ['Week 2', '6', '8+2', '12', 'Taper', ''],
    ]);
    const { said, table: single } = drawnOut(table.slice(0, -1), readDate);
    expect(said).toMatch(/^Each of its weeks had a title above it/);
    expect(single).toHaveLength(3);
    // A day’s figure alone is no title, and neither is one week’s.
    expect(
      drawnOut(
        [
          ['Mon', 'Wed', 'Sun'],
          ['8', '', ''],
          ['', '', '9'],
        ],
        readDate,
      ).said,
    ).toBe(undefined);
  });

  it('has weeks below the headings of its months or phases, named or not', () => {
    const under = (name: string, ...longs: readonly string[]) => [
      [name, 'Mon', 'Wed', 'Sun'],
      ...longs.map((long) => ['', '8', '10', long]),
    ];
    expect(
      drawnOut([...under('Base', '16', '18'), ...under('Taper', '12')], readDate).table,
    ).toEqual([
      ['Week', 'monday', 'wednesday', 'sunday', 'Phase'],
      ['Week 1', '8', '10', '16', 'Base'],
      ['Week 2', '8', '10', '18', ''],
      ['Week 3', '8', '10', '12', 'Taper'],
    ]);
    // Two rows below a heading that says nothing are two runs of a day; more are weeks.
    const nameless = (...longs: readonly string[]) => under('', ...longs);
    const rowsOf = (table: readonly (readonly string[])[]) =>
      drawnOut(table, readDate).table.slice(1);
    expect(rowsOf([...nameless('16', '4'), ...nameless('18', '4')])).toEqual([
      ['Week 1', '8+8', '10+10', '16+4'],
      ['Week 2', '8+8', '10+10', '18+4'],
    ]);
    expect(rowsOf([...nameless('14', '15', '16'), ...nameless('18', '17', '12')])).toHaveLength(6);
  });

  it('takes no sums of weeks for the days of a month', () => {
    const week = (name: string, total: string) => [
      [name, 'Mon', 'Wed', 'Sun'],
      ['Run', '8', 'rest', '16'],
      ['Total', '', '', total],
    ];
    const weeks = ['29', '30', '31', '32'].flatMap((total, at) => week(`Week ${at + 1}`, total));
    expect(drawnOut(weeks, readDate).table.map((row) => row.at(-1))).toEqual([
      ...['Total', '29', '30', '31', '32'],
    ]);
  });

  it('has what is run and how much of it in one cell', () => {
    const head = ['Wk', ...short.flatMap((day) => [day, 'km']), 'Total'];
    const week = ['easy', '8', '12 km with 6 strides', '12', 'rest', '', '+ strides', '6'];
    const beside = [head, ['1', ...week, '', '', 'gym', '30', 'long run', '20', '46']];
    expect(drawnOut(beside, readDate).table).toEqual([
      ['Wk', ...weekdays, 'Total'],
      [
        ...['1', '8 easy', '12 km with 6 strides', 'rest', '6 easy + strides', '', 'gym'],
        ...['20 long run', '46'],
      ],
    ]);
    const below = [
      ['', 'Monday', '', 'Tuesday', '', 'Sunday', ''],
      ['', 'am', 'pm', 'am', 'pm', 'am', 'pm'],
      ['1', '6', '8', '5', '6 x 800 m', '16', ''],
    ];
    expect(drawnOut(below, readDate).table).toEqual([
      ['', 'monday', 'tuesday', 'sunday'],
      ['1', '6+8', 'am 5; pm 6 x 800 m', '16'],
    ]);
    expect(
      daysOf([
        ['Date', 'Type', 'Distance'],
        ['2027-03-01', 'easy', '8'],
      ]),
    ).toEqual(['2027-03-01 8 easy']);
    expect(
      daysOf([
        ['Date', 'Session', 'km'],
        ['2027-03-01', '2k wu, 5 x 1k @ 10k, 2k cd', '11'],
        ['2027-03-02', '6 x 400 m @ 5k', '8'],
        ['2027-03-03', '4 x 400 m in 6 km', '6'],
      ]),
    ).toEqual([
      '2027-03-01 11 with 2k wu, 5 x 1k @ 10k, 2k cd',
      '2027-03-02 8 6 x 400 m @ 5k',
      '2027-03-03 4 x 400 m in 6 km',
    ]);
  });
});
