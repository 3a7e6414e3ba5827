import type { Spreadsheet } from '@nadir/contract';
import ExcelJS from 'exceljs';
import { unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, firstCoach, startTestApp } from '../testing/test-app.js';

async function fileOf(fill: (sheet: ExcelJS.Worksheet) => void): Promise<string> {
  const workbook = new ExcelJS.Workbook();
  fill(workbook.addWorksheet('Plan'));
  return Buffer.from(await workbook.xlsx.writeBuffer()).toString('base64');
}

describe('a spreadsheet', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const read = (base64: unknown, as: string | undefined = cookie) =>
    nadir.send('POST', '/api/spreadsheets/read', { cookie: as, body: { base64 } });

  it('is read as rows of text: dates, sums in binary, formulas as they came out, merged cells once', async () => {
    const base64 = await fileOf((sheet) => {
      sheet.addRow(['Autumn', null, null]);
      sheet.mergeCells('A1:C1');
      sheet.addRow([new Date('2027-03-01T00:00:00Z'), '6 x 600 m @ 5 km, 90 s jog', 0.1 + 0.2]);
      sheet.addRow([new Date('2027-03-02T00:00:00Z'), { formula: 'C2*10', result: 3 }, true]);
      sheet.addRow([new Date('1899-12-30T01:10:00Z'), { error: '#DIV/0!' }]);
      sheet.addRow([{ richText: [{ text: '8 km ' }, { text: 'easy' }] }, { formula: 'A9/0' }]);
    });
    const { status, body } = await read(base64);
    expect(status).toBe(200);
    expect(body as Spreadsheet).toEqual({
      name: 'Plan',
      isCut: false,
      rows: [
        ['Autumn', '', ''],
        ['2027-03-01', '6 x 600 m @ 5 km, 90 s jog', '0.3'],
        ['2027-03-02', '3', ''],
        ['1:10', '', ''],
        ['8 km easy', '', ''],
      ],
    });
  });

  it('is cut where it is longer than any plan, and that is said', async () => {
    const base64 = await fileOf((sheet) => {
      for (let row = 0; row < 500; row++) sheet.addRow([row, '8 km easy']);
    });
    const { body } = await read(base64);
    expect(body as Spreadsheet).toMatchObject({ isCut: true });
    expect((body as Spreadsheet).rows).toHaveLength(400);
  });

  it('of a hundred thousand rows is refused with what to do', async () => {
    const base64 = await fileOf((sheet) => {
      for (let row = 0; row < 100_000; row++) sheet.addRow([row, 'easy']);
    });
    const { status, body } = await read(base64);
    expect(status).toBe(400);
    expect(body).toMatchObject({ message: /larger than any plan/ });
  }, 60_000);

  it.each([
    ['text', Buffer.from('Date,Session\n').toString('base64')],
    ['another archive', Buffer.from(zipSync({ 'a.txt': new Uint8Array(4) })).toString('base64')],
    [
      'an archive that unpacks to fifty megabytes',
      Buffer.from(zipSync({ 'xl/workbook.xml': new Uint8Array(50_000_000) })).toString('base64'),
    ],
    ['nothing', ''],
  ])('that is %s is refused in a sentence', async (_, base64) => {
    const { status, body } = await read(base64);
    expect(status).toBe(400);
    expect(JSON.stringify(body)).toMatch(/spreadsheet|cannot be taken/);
  });

  it('that says it is small and is not is refused, and never unpacked whole', async () => {
    const base64 = await fileOf((sheet) => {
      for (let row = 0; row < 50; row++) sheet.addRow([row, '8 km easy', 'x'.repeat(2000)]);
    });
    const parts = unzipSync(Buffer.from(base64, 'base64'));
    const honest = parts['xl/worksheets/sheet1.xml'] ?? new Uint8Array();
    const zip = Buffer.from(zipSync(parts));
    // How long it is unpacked stands before its data and in the directory: both say forty bytes.
    const length = Buffer.alloc(4);
    length.writeUInt32LE(honest.length);
    let lies = 0;
    for (let at = zip.indexOf(length); at >= 0; at = zip.indexOf(length, at + 4)) {
      zip.writeUInt32LE(40, at);
      lies++;
    }
    expect(lies).toBeGreaterThanOrEqual(1);
    const { status, body } = await read(zip.toString('base64'));
    expect(status).toBe(400);
    expect(body).toMatchObject({ message: /not an XLSX spreadsheet/ });
  });

  it('is read for nobody without a sign-in', async () => {
    expect((await nadir.send('POST', '/api/spreadsheets/read', { body: {} })).status).toBe(401);
  });
});
