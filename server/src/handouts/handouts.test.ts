import type { HandoutBody, HandoutFile, HandoutList } from '@nadir/contract';
import { givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { amountOf, handoutOf } from '@nadir/core/present/handout';
import ExcelJS from 'exceljs';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pagesOf } from '../testing/pages-of.js';
import {
  TODAY,
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut(givenOf(wishes), { asOf: TODAY, shown: measure });
const handout = handoutOf(block, showBlock(block, measure), TODAY);
const days = handout.weeks.flatMap((week) => week.days);

describe('handouts', () => {
  let nadir: TestApp;
  let cookie: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ({ blockId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const post = (body: object, as: string | undefined = cookie) =>
    nadir.send('POST', `/api/blocks/${blockId}/handouts`, { cookie: as, body });
  const made = async (body: Partial<HandoutBody>) => {
    const { status, body: file } = await post(body);
    expect(status).toBe(200);
    const { name, type, base64 } = file as HandoutFile;
    return { name, type, bytes: Buffer.from(base64, 'base64') };
  };

  it.each(['a4', 'a3'] as const)('a wall sheet is one page of %s and adds up', async (paper) => {
    const { name, type, bytes } = await made({ form: 'wall-sheet', paper });
    expect(name).toBe(`Idris Vale ${wishes.race.name} wall sheet.pdf`);
    expect(type).toBe('application/pdf');
    const [page = '', ...more] = await pagesOf(bytes);
    expect(more).toEqual([]);
    expect(page).toContain('Idris Vale');
    expect(page).toContain('Maren Tolvik');
    expect(page).toContain('Version 1, Wed 10 Feb 2027');
    expect(page).toContain(handout.sums.total);
    expect(page).toContain('see a doctor or physiotherapist');
    for (const { from, figure } of handout.weeks) {
      expect(page).toContain(from);
      expect(page).toContain(figure);
    }
  });

  it('a wall sheet goes on two pages where that is asked for, its sums under the last week', async () => {
    const { bytes } = await made({ form: 'wall-sheet', paper: 'a4-two' });
    const [first = '', second = '', ...more] = await pagesOf(bytes);
    expect(more).toEqual([]);
    handout.weeks.forEach(({ from }, at) => expect(at < 8 ? first : second).toContain(from));
    expect(second).toContain(handout.sums.total);
    expect(first).toContain('Version 1, Wed 10 Feb 2027');
  });

  it('a week sheet is one page with every session in full', async () => {
    const { bytes, name } = await made({ form: 'week-sheet', week: 3 });
    expect(name).toContain('week 3 sheet.pdf');
    const [page = '', ...more] = await pagesOf(bytes);
    expect(more).toEqual([]);
    const plain = page.replace(/\s+/g, ' ');
    for (const day of handout.weeks[2]?.days ?? []) {
      for (const session of day.sessions) expect(plain).toContain(session);
    }
    expect(plain).toContain(`Week: ${handout.weeks[2]?.figure} km`);
  });

  it('a month sheet is one page with five weeks, their sessions and their sums', async () => {
    const [page = '', ...more] = await pagesOf(
      (await made({ form: 'month-sheet', week: 4 })).bytes,
    );
    expect(more).toEqual([]);
    const plain = page.replace(/\s+/g, ' ');
    for (const week of handout.weeks.slice(3, 8)) {
      expect(plain).toContain(`Week ${week.number}`);
      expect(plain).toContain(week.figure);
      for (const { sessions } of week.days) {
        for (const session of sessions) expect(plain).toContain(session);
      }
    }
    expect(plain).not.toContain('Week 9');
  });

  it.each([
    ['session-card', 'Idris Vale,'],
    ['pace-card', 'per mile'],
    ['race-card', wishes.race.name],
  ] as const)('a %s is one page for the pocket', async (form, words) => {
    const [page = '', ...more] = await pagesOf((await made({ form })).bytes);
    expect(more).toEqual([]);
    expect(page).toContain(words);
    expect(page).toContain('Version 1');
  });

  it('a workbook adds up by its formulas, cell by cell', async () => {
    const { bytes } = await made({ form: 'spreadsheet' });
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(new Uint8Array(bytes).buffer);
    expect(workbook.worksheets.map(({ name }) => name)).toEqual([
      'Overview',
      'Weeks',
      'Days',
      'Paces',
    ]);
    const [weeks, listed] = ['Weeks', 'Days'].map((name) => workbook.getWorksheet(name));
    handout.weeks.forEach((week, at) => {
      const cell = weeks?.getCell(`F${at + 2}`);
      // What SUMIF comes to, worked out from the days as they stand in the file.
      const rows = listed?.getRows(2, days.length) ?? [];
      const own = rows.filter((row) => row.getCell('A').value === week.number);
      const sum = own.reduce((all, row) => all + Number(row.getCell('E').value), 0);
      expect(Math.round(10 * sum) / 10).toBe(amountOf(handout, week.steps));
      expect(cell?.result).toBe(amountOf(handout, week.steps));
      expect(cell?.formula).toBe(
        `SUMIF(Days!$A$2:$A$${days.length + 1},A${at + 2},Days!$E$2:$E$${days.length + 1})`,
      );
    });
    expect(workbook.getWorksheet('Overview')?.getCell('B7').result).toBe(
      Number(handout.sums.total),
    );
    expect(weeks?.pageSetup.fitToWidth).toBe(1);
    expect(weeks?.views[0]).toMatchObject({ state: 'frozen', ySplit: 1 });
  });

  it.each([
    ['point', ',', '.'],
    ['comma', ';', ','],
  ] as const)('CSV with a %s adds up, and is read again', async (numbers, delimiter, point) => {
    const { bytes } = await made({ form: 'days-csv', numbers });
    const { data } = Papa.parse<string[]>(bytes.toString('utf8').replace('\ufeff', '').trim(), {
      delimiter,
    });
    const sum = data.slice(1).reduce((all, row) => all + Number(row[4]?.replace(point, '.')), 0);
    expect(sum).toBe(Number(handout.sums.total));
    expect(data).toHaveLength(days.length + 1);
  });

  it('a calendar is read by another reader: a whole day each, with a name that stays', async () => {
    const read = async () => {
      const { bytes } = await made({ form: 'calendar' });
      const calendar = new ICAL.Component(ICAL.parse(bytes.toString('utf8')) as unknown[]);
      return calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
    };
    const events = await read();
    const running = days.filter(({ mark }) => mark !== 'rest');
    expect(events.map(({ startDate }) => startDate.toString())).toEqual(
      running.map(({ date }) => date),
    );
    expect(events.every(({ startDate }) => startDate.isDate)).toBe(true);
    expect(events.at(-1)?.summary).toContain(wishes.race.name);
    expect((await read()).map(({ uid }) => uid)).toEqual(events.map(({ uid }) => uid));
  });

  it('a week as text and in Markdown names every day and its sum', async () => {
    const text = (await made({ form: 'week-text', week: 2 })).bytes.toString('utf8');
    expect(text).toContain('Idris Vale: week 2 of');
    expect(text).toContain(`Week: ${handout.weeks[1]?.figure} km`);
    const table = (await made({ form: 'week-markdown', week: 2 })).bytes.toString('utf8');
    expect(table.split('\n').filter((line) => line.startsWith('| '))).toHaveLength(9);
  });

  it('a drawing is a picture of either kind', async () => {
    const svg = (await made({ form: 'drawing-svg' })).bytes.toString('utf8');
    expect(svg).toMatch(/^<svg .*<\/svg>$/s);
    const png = (await made({ form: 'drawing-png' })).bytes;
    expect(png.subarray(1, 4).toString('latin1')).toBe('PNG');
    expect(png.readUInt32BE(16)).toBe(2400);
  });

  it('is kept with its version and form, the newest first, for nobody else', async () => {
    await made({ form: 'calendar' });
    const list = async (as = cookie) =>
      nadir.send('GET', `/api/blocks/${blockId}/handouts`, { cookie: as });
    const [newest] = ((await list()).body as HandoutList).handouts;
    expect(newest).toMatchObject({ form: 'calendar', revision: 1, to: 'Idris Vale' });
    const other = await secondCoach(nadir);
    expect((await list(other)).status).toBe(404);
    expect((await post({ form: 'calendar' }, other)).status).toBe(404);
  });

  it('sets the card of a group on one page, as it stands on its own', async () => {
    const names = Array.from({ length: 40 }, (_, at) => `Runner ${at + 1} Łęcka`);
    const body = {
      title: 'Maren Tolvik: paces of the group',
      lines: ['splits of repetitions at half-hour pace'],
      head: ['Athlete', '400 m', '1000 m'],
      rows: names.map((name, at) => [name, `1:${String(20 + at)}`, `3:${String(10 + at)}`]),
      foot: '',
    };
    const { body: file } = await nadir.send('POST', '/api/group-card', { cookie, body });
    const bytes = Buffer.from((file as HandoutFile).base64, 'base64');
    const [page = '', ...more] = await pagesOf(bytes);
    expect(more).toEqual([]);
    for (const [name = '', , split = ''] of body.rows) {
      expect(page).toContain(name);
      expect(page).toContain(split);
    }
    const wrong = { ...body, rows: [Array.from({ length: 13 }, () => '')] };
    expect((await nadir.send('POST', '/api/group-card', { cookie, body: wrong })).status).toBe(400);
  });

  it('refuses a form that is none, and takes names of every script and length', async () => {
    expect((await post({ form: 'poster' })).status).toBe(400);
    const name = '=Łucja “Čé” Ωμέγα Йорик/ß ø'.padEnd(110, ' Ostrel');
    const renamed = { ...wishes, athlete: { ...wishes.athlete, name } };
    const body = { revision: 1, wishes: renamed, words: 'Renamed.' };
    expect((await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body })).status).toBe(200);
    const { bytes, name: file } = await made({ form: 'wall-sheet' });
    expect(file).not.toMatch(/[/\\:*?"<>|]/);
    const [page = '', ...more] = await pagesOf(bytes);
    expect(more).toEqual([]);
    expect(page).toContain('Ωμέγα');
    expect(page).toContain('Йорик');
    for (const form of ['spreadsheet', 'days-csv', 'calendar', 'week-sheet'] as const) {
      expect((await made({ form })).bytes.length).toBeGreaterThan(100);
    }
  });

  it('marks on a sheet what is other than in the athlete’s hand, and nothing once it is handed out', async () => {
    ({ blockId } = await addBlock(nadir, cookie));
    await made({ form: 'wall-sheet' });
    const pins = [{ week: 3, volume: 50_000 }];
    const body = { revision: 1, wishes: { ...wishes, pins }, words: 'Less.' };
    expect((await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body })).status).toBe(200);
    const marks = async (form: object) => {
      const pages = await pagesOf((await made(form)).bytes);
      return pages.join(' ').match(/changed since version \d/g) ?? [];
    };
    const third = await marks({ form: 'week-sheet', week: 3 });
    expect(third.length).toBeGreaterThan(1);
    expect(new Set(third)).toEqual(new Set(['changed since version 1']));
    // The sheet of week 3 is in the athlete’s hand now, and so is its version.
    expect(await marks({ form: 'wall-sheet' })).toEqual([]);
    const more = {
      ...body,
      revision: 2,
      wishes: { ...wishes, pins: [{ week: 3, volume: 45_000 }] },
    };
    expect((await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body: more })).status).toBe(
      200,
    );
    expect(await marks({ form: 'month-sheet', week: 1 })).toEqual(['changed since version 2']);
  });
});
