import {
  amountOf,
  daysTable,
  type Handout,
  type Table,
  weeksTable,
} from '@nadir/core/present/handout';
import type { Worksheet } from 'exceljs';

/** Columns of the sheets, by their letters in formulas. */
const DAY = { week: 'A', date: 'B', amount: 'E' } as const;
const WEEK = { number: 'A', from: 'C', volume: 'F', change: 'I' } as const;

/**
 * The block as a workbook whose sums are formulas: weeks from days, block from
 * weeks, changes in per cent. A figure that is changed moves all that rest on it.
 */
export async function workbookFile(handout: Handout, version: string): Promise<Uint8Array> {
  // Large, and seldom asked for: no start waits for it.
  const { default: excel } = await import('exceljs');
  const workbook = new excel.Workbook();
  workbook.creator = 'Nadir';
  workbook.title = `${handout.athlete}: ${handout.race.name}`;
  overview(workbook.addWorksheet('Overview'), handout, version);
  weeks(workbook.addWorksheet('Weeks'), handout);
  days(workbook.addWorksheet('Days'), handout);
  paces(workbook.addWorksheet('Paces'), handout);
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}

function overview(sheet: Worksheet, handout: Handout, version: string): void {
  const last = handout.weeks.length + 1;
  const volumes = `Weeks!${WEEK.volume}2:${WEEK.volume}${last}`;
  const amounts = handout.weeks.map(({ steps }) => amountOf(handout, steps));
  const total = Math.round(10 * amounts.reduce((all, each) => all + each, 0)) / 10;
  sheet.addRows([
    ['Athlete', handout.athlete],
    ['Race', handout.race.name],
    ['Race day', dayOf(handout.race.date)],
    ['Distance', handout.race.distance],
    ['Goal', handout.goal ?? ''],
    ['Weeks', { formula: `COUNT(Weeks!${WEEK.number}2:${WEEK.number}${last})`, result: last - 1 }],
    [`All weeks, ${handout.unit}`, { formula: `SUM(${volumes})`, result: total }],
    [
      `Heaviest week, ${handout.unit}`,
      { formula: `MAX(${volumes})`, result: Math.max(0, ...amounts) },
    ],
    ['Version', version],
    ['Caution', handout.caution],
  ]);
  sheet.getColumn(1).font = { bold: true };
  sheet.getColumn(2).alignment = { horizontal: 'left', wrapText: true };
  sheet.getCell('B3').numFmt = 'ddd d mmm yyyy';
  finish(sheet, { widths: [22, 60], landscape: false });
}

function weeks(sheet: Worksheet, handout: Handout): void {
  const table = weeksTable(handout);
  const rows = handout.weeks.length;
  const lastDay = daysTable(handout).length;
  addTable(
    sheet,
    table.map((row, at) => [...row, at === 0 ? 'Change' : '']),
  );
  handout.weeks.forEach((week, at) => {
    const row = at + 2;
    sheet.getCell(`${WEEK.from}${row}`).value = dayOf(week.start);
    sheet.getCell(`${WEEK.volume}${row}`).value = {
      formula: `SUMIF(Days!$${DAY.week}$2:$${DAY.week}$${lastDay},${WEEK.number}${row},Days!$${DAY.amount}$2:$${DAY.amount}$${lastDay})`,
      result: amountOf(handout, week.steps),
    };
    const before = handout.weeks[at - 1];
    if (!before || before.steps === 0) return;
    sheet.getCell(`${WEEK.change}${row}`).value = {
      formula: `IF(${WEEK.volume}${row - 1}=0,"",${WEEK.volume}${row}/${WEEK.volume}${row - 1}-1)`,
      result: week.steps / before.steps - 1,
    };
  });
  sheet.getColumn(WEEK.from).numFmt = 'd mmm yyyy';
  sheet.getColumn(WEEK.change).numFmt = '+0%;-0%;0%';
  const foot = rows + 2;
  sheet.getCell(`A${foot}`).value = 'All';
  sheet.getCell(`${WEEK.volume}${foot}`).value = {
    formula: `SUM(${WEEK.volume}2:${WEEK.volume}${rows + 1})`,
    result:
      Math.round(10 * handout.weeks.reduce((all, { steps }) => all + amountOf(handout, steps), 0)) /
      10,
  };
  sheet.getRow(foot).font = { bold: true };
  finish(sheet, { widths: [7, 7, 13, 18, 10, 12, 13, 32, 9], landscape: true });
}

function days(sheet: Worksheet, handout: Handout): void {
  addTable(sheet, daysTable(handout));
  handout.weeks
    .flatMap((week) => week.days)
    .forEach((day, at) => {
      sheet.getCell(`${DAY.date}${at + 2}`).value = dayOf(day.date);
    });
  sheet.getColumn(DAY.date).numFmt = 'd mmm yyyy';
  finish(sheet, { widths: [7, 13, 7, 14, 8, 80], landscape: true });
}

function paces(sheet: Worksheet, { paces: all }: Handout): void {
  addTable(sheet, [['Pace', 'Range'], ...all.map(({ name, text }) => [name, text])]);
  finish(sheet, { widths: [24, 18], landscape: false });
}

function addTable(sheet: Worksheet, table: Table): void {
  sheet.addRows(table);
  sheet.getRow(1).font = { bold: true };
  sheet.views = [{ state: 'frozen', ySplit: 1 }];
}

/** A4, as the file format counts papers. */
const A4 = 9;

/** One page wide, as much as there is on it. */
function finish(
  sheet: Worksheet,
  { widths, landscape }: { widths: readonly number[]; landscape: boolean },
): void {
  widths.forEach((width, at) => (sheet.getColumn(at + 1).width = width));
  const last = String.fromCharCode('A'.charCodeAt(0) + widths.length - 1);
  Object.assign(sheet.pageSetup, {
    paperSize: A4,
    orientation: landscape ? 'landscape' : 'portrait',
    fitToPage: true,
    fitToWidth: 1,
    fitToHeight: 0,
    printArea: `A1:${last}${sheet.rowCount}`,
    ...(sheet.views.length > 0 && { printTitlesRow: '1:1' }),
  });
}

/** A civil day as spreadsheets count it, in no zone. */
function dayOf(date: string): Date {
  return new Date(`${date}T00:00:00Z`);
}
