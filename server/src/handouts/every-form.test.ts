import {
  type BlockFile,
  blockHeading,
  givenOf,
  handoutOrder,
  type HandoutForm,
  measureFor,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import { METRES_PER_MILE } from '@nadir/core/base';
import { showBlock } from '@nadir/core/present/figures';
import { amountOf, handoutOf } from '@nadir/core/present/handout';
import ExcelJS from 'exceljs';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { demoAthletes } from '../demo/demo-athletes.js';
import { pagesOf } from '../testing/pages-of.js';
import { TODAY } from '../testing/test-app.js';
import { makeHandout, makePage } from './make-handout.js';

const week = () => [
  { role: 'easy' as const },
  { role: 'quality' as const },
  { role: 'easy' as const, double: true },
  { role: 'quality' as const },
  { role: 'easy' as const, double: true },
  { role: 'rest' as const },
  { role: 'long' as const },
];

/** Thirty weeks in cycles of fourteen days, doubled days, in miles. */
const long: BlockFile = {
  ...blockHeading,
  athlete: {
    name: 'Žofia Łęcka-Brønd',
    unit: 'mi',
    recentWeeks: [70, 72, 74, 75].map((miles) => Math.round(miles * METRES_PER_MILE)),
    results: [
      { kind: 'race', name: 'Gullstone 10', date: '2026-11-15', distance: 10_000, time: 2100 },
    ],
  },
  race: { name: 'Lantern Bay Marathon', date: '2027-07-04', distance: 42_195 },
  weeks: 30,
  week: { days: [...week(), ...week()] },
};

const blocks = [...demoAthletes(TODAY), long].map(
  (wishes) => [wishes.athlete?.name ?? '', wishes] as const,
);

describe.each(blocks)('every form of the block of %s', (_, wishes) => {
  const measure = measureFor({ unit: 'athlete', step: 1 }, wishes.athlete);
  const block = layOut(givenOf(wishes), { asOf: TODAY, shown: measure });
  const handout = handoutOf(block, showBlock(block, measure), TODAY);
  const { total } = handout.sums;
  const made = async (form: HandoutForm, more: object = {}) => {
    const order = handoutOrder.parse({
      ...{ form, wishes, measure, today: TODAY, history: [], coach: 'Maren Tolvik', revision: 3 },
      blockId: '5b0b6f0e-0a6c-4c9c-8e0b-0d6a7b0f1c2d',
      savedAt: '2027-02-10T09:14:00Z',
      ...more,
    });
    return (await makeHandout(order)).bytes;
  };
  const textOf = async (form: HandoutForm, more?: object) =>
    Buffer.from(await made(form, more)).toString('utf8');

  it('stands on as many pages as it says, each with its sums', async () => {
    for (const [form, more, count] of [
      ['wall-sheet', { paper: 'a3' }, 1],
      ['wall-sheet', { paper: 'a4-two' }, 2],
      ['week-sheet', {}, 1],
      ['month-sheet', {}, 1],
      ['pace-card', {}, 1],
    ] as const) {
      const pages = await pagesOf(await made(form, more));
      expect(pages, form).toHaveLength(count);
      expect(pages.join(' ')).toContain(handout.athlete);
      if (form === 'wall-sheet') {
        expect(pages.at(-1)).toContain(total);
        for (const { figure } of handout.weeks) expect(pages.join(' ')).toContain(figure);
      }
    }
    const weeks = handout.weeks.filter(({ toGo }) => toGo > 0);
    for (const week of [weeks[0], weeks.at(-1)]) {
      const [page] = await pagesOf(await made('week-sheet', { week: week?.number }));
      expect(page).toContain(`Week: ${week?.figure ?? ''} ${handout.unit}`);
    }
  });

  it('adds up to the same in a workbook, in CSV, as text and on the phone', async () => {
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(new Uint8Array(await made('spreadsheet')).buffer);
    expect(String(workbook.getWorksheet('Overview')?.getCell('B7').result)).toBe(total);
    const days = Papa.parse<string[]>((await textOf('days-csv')).replace(/^\uFEFF/, '').trim());
    const weeks = Papa.parse<string[]>((await textOf('weeks-csv')).replace(/^\uFEFF/, '').trim());
    const summed = (rows: string[][], at: number) =>
      Math.round(10 * rows.slice(1).reduce((all, row) => all + Number(row[at]), 0)) / 10;
    expect(String(summed(days.data, 4))).toBe(total);
    expect(String(summed(weeks.data, 5))).toBe(total);
    handout.weeks.forEach((week, at) => {
      const own = days.data.filter((row) => row[0] === String(week.number));
      expect(summed([[], ...own], 4)).toBe(amountOf(handout, week.steps));
      expect(Number(weeks.data[at + 1]?.[5])).toBe(amountOf(handout, week.steps));
    });
    for (const week of handout.weeks) {
      expect(await textOf('week-text', { week: week.number })).toContain(
        `Week: ${week.figure} ${handout.unit}`,
      );
    }
    const page = makePage({ wishes, measure, today: TODAY, history: [] });
    expect(page.sums.total).toBe(total);
  });

  it('has every day with something to do in its calendar, once', async () => {
    const events = new ICAL.Component(ICAL.parse(await textOf('calendar')) as unknown[])
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));
    const dates = events.map(({ startDate }) => startDate.toString());
    const busy = handout.weeks
      .flatMap((week) => week.days)
      .filter(({ sessions, mark }) => sessions.length > 0 || mark === 'race');
    for (const { date } of busy) expect(dates).toContain(date);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });
});
