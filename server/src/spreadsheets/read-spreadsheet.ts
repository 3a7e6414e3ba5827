import type { Spreadsheet } from '@nadir/contract';
import type { Cell, CellValue } from 'exceljs';
import { unzipSync, zipSync } from 'fflate';

/** What a plan unpacks to at most, in bytes: a year of days is a twentieth of it. */
const MOST_UNPACKED = 4_000_000;
/** Longer than any block, wider than any week. */
const MOST_ROWS = 400;
const MOST_COLUMNS = 40;
const MOST_CHARACTERS = 2000;

/** Why a spreadsheet is not read, in a sentence for the coach. */
export class Unreadable extends Error {}

/**
 * The sheet that is wanted, else the first that holds anything, as rows of text: dates as `YYYY-MM-DD`,
 * formulas as what they last came to.
 *
 * @throws Unreadable on what is no spreadsheet, or more than a plan
 */
export async function readSpreadsheet(file: Uint8Array, wanted?: string): Promise<Spreadsheet> {
  // Large, and seldom asked for: no start waits for it.
  const { default: excel } = await import('exceljs');
  const workbook = new excel.Workbook();
  try {
    await workbook.xlsx.load(unpacked(file));
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    throw new Unreadable(
      'This is not an XLSX spreadsheet, or it is damaged. Save it again as XLSX.',
    );
  }
  const all = workbook.worksheets;
  const sheets = wanted === undefined ? all : all.filter(({ name }) => name === wanted);
  if (sheets.length === 0 && wanted !== undefined) {
    throw new Unreadable(`The spreadsheet has no sheet called “${wanted}”.`);
  }
  for (const sheet of sheets) {
    const rows: string[][] = [];
    const isCut = sheet.rowCount > MOST_ROWS;
    for (let row = 1; row <= Math.min(sheet.rowCount, MOST_ROWS); row++) {
      const width = Math.min(sheet.columnCount, MOST_COLUMNS);
      rows.push(
        Array.from({ length: width }, (_, column) => textOf(sheet.getRow(row).getCell(column + 1))),
      );
    }
    if (rows.some((row) => row.some(Boolean))) return { name: sheet.name, rows, isCut };
  }
  throw new Unreadable('The spreadsheet is empty.');
}

/** The same archive, unpacked within bounds: what says it is small and is not, is refused. */
function unpacked(file: Uint8Array): ArrayBuffer {
  let bytes = 0;
  const files = unzipSync(file, {
    filter: ({ originalSize }) => {
      bytes += originalSize;
      if (bytes > MOST_UNPACKED) {
        throw new Unreadable(
          'The spreadsheet is larger than any plan. Copy the cells of the plan and paste them instead.',
        );
      }
      return true;
    },
  });
  return zipSync(files, { level: 0 }).slice().buffer;
}

function textOf(cell: Cell): string {
  // Merged cells hold what the first of them holds.
  if (cell.isMerged && cell.master !== cell) return '';
  return wordsOf(cell.value).trim().slice(0, MOST_CHARACTERS);
}

/** A day; a duration, which a spreadsheet counts from the end of 1899, as hours and minutes. */
function dateWords(instant: string): string {
  if (!instant.startsWith('1899-')) return instant.slice(0, 10);
  return instant.slice(11, 16).replace(/^0/, '');
}

function wordsOf(value: CellValue | undefined): string {
  if (value === null || value === undefined || typeof value === 'boolean') return '';
  if (typeof value === 'string') return value;
  // What sums in binary come to: 0.1 + 0.2 is 0.3.
  if (typeof value === 'number') return String(Number(value.toPrecision(12)));
  if (value instanceof Date) return dateWords(value.toISOString());
  if ('richText' in value) return value.richText.map(({ text }) => text).join('');
  if ('result' in value) return wordsOf(value.result);
  if ('text' in value) return wordsOf(value.text);
  return '';
}
