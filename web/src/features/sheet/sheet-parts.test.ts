import { layOut } from '@nadir/core';
import { askedIn, showBlock } from '@nadir/core/present/figures';
import { describe, expect, it } from 'vitest';
import { COLUMNS, LONG_RUN, sheetRows, VOLUME } from './sheet-rows.js';
import { readTable, writeTable } from '../../components/table-text.js';
import { layTable, textsOf } from './written.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut({
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 12,
  volume: { start: 50_000, peak: 80_000 },
  pins: [{ week: 3, volume: 60_000 }],
});
const shown = showBlock(block, measure);
const nothing = { days: new Map(), volume: new Map(), longRun: new Map() };
const rows = sheetRows(block, shown, {
  over: new Set(['2027-01-25']),
  ran: nothing,
  asked: askedIn({ volume: { start: 50_000 } }),
});
const one = (row: number, column: number) => ({
  top: row,
  bottom: row,
  left: column,
  right: column,
});

describe('a table on the clipboard', () => {
  it('is read from tabs, with quotes as spreadsheets write them', () => {
    expect(readTable({ html: '', text: '12\t6 x 1 km\r\n"a\nb"\t\n' })).toEqual([
      ['12', '6 x 1 km'],
      ['a\nb', ''],
    ]);
  });

  it('is read from commas where all are figures, and never cuts a session in two', () => {
    expect(readTable({ html: '', text: '10,12,8\n9,,7' })).toEqual([
      ['10', '12', '8'],
      ['9', '', '7'],
    ]);
    expect(readTable({ html: '', text: '6 x 1 km @ 10 km, 90 s jog' })).toEqual([
      ['6 x 1 km @ 10 km, 90 s jog'],
    ]);
  });

  it('is read from commas as a file has them: as many cells in every line, no space behind', () => {
    expect(
      readTable({ html: '', text: '12 easy,rest,"6 x 1 km, 90 s jog"\n9,8 steady,10' }),
    ).toEqual([
      ['12 easy', 'rest', '6 x 1 km, 90 s jog'],
      ['9', '8 steady', '10'],
    ]);
    expect(readTable({ html: '', text: '12,5\n13,5' })).toEqual([['12,5'], ['13,5']]);
  });

  it('is read from a table of a page, its text alone', () => {
    const html =
      '<p>Plan</p><table><tr><th>Mon</th><td colspan="2">10 <b>easy</b></td></tr></table>';
    expect(readTable({ html, text: 'Mon 10 easy' })).toEqual([['Mon', '10 easy', '']]);
  });

  it('comes back unchanged, whatever is in it', () => {
    const table = [
      ['12', '3 x (1 km; 1 km), 90"', ''],
      ['<b>', 'a & b', '32 (last 14 @ marathon)'],
    ];
    const { html, text } = writeTable(table);
    expect(readTable({ html: '', text })).toEqual(table);
    expect(readTable({ html, text: '' })).toEqual(table);
  });

  it('is cut where it is longer than any block', () => {
    const text = Array.from({ length: 100_000 }, () => '1\t2').join('\n');
    expect(readTable({ html: '', text }).length).toBe(400);
  });
});

describe('the sheet', () => {
  it('shows each week with its days, its volume and its long run, and they add up', () => {
    expect(rows).toHaveLength(12);
    for (const [index, { cells }] of rows.entries()) {
      expect(cells).toHaveLength(COLUMNS);
      const days = cells.slice(0, 7).map((cell) => Number(cell?.figure) || 0);
      const isRace = index === 11;
      const sum = days.reduce((total, day) => total + day, 0);
      if (!isRace) expect(String(sum)).toBe(cells[VOLUME]?.figure);
    }
    expect(rows[2]?.cells[VOLUME]).toMatchObject({ figure: '60', state: 'fixed' });
    expect(rows[11]?.cells[LONG_RUN]).toMatchObject({ figure: 'race' });
    expect(rows.at(-1)?.cells[6]).toMatchObject({ words: 'Lantern Bay Marathon' });
  });

  it('copied and pasted where it stands, writes nothing', () => {
    const all = { top: 0, bottom: 11, left: 0, right: COLUMNS - 1 };
    const laid = layTable(rows, textsOf(rows, all), all);
    expect(laid).toMatchObject({ written: [], outside: 0 });
  });

  it('takes a table from the cell in hand on, and counts what lies beyond', () => {
    const laid = layTable(
      rows,
      [
        ['31', '32'],
        ['33', '34'],
      ],
      one(10, COLUMNS - 1),
    );
    expect(laid.written.map(({ cell, text }) => [cell, text])).toEqual([
      [{ kind: 'longRun', week: 11 }, '31'],
      [{ kind: 'longRun', week: 12 }, '33'],
    ]);
    expect(laid.outside).toBe(2);
  });

  it('fills all chosen cells with one', () => {
    const area = { top: 1, bottom: 3, left: 1, right: 2 };
    const laid = layTable(rows, [['99']], area);
    expect(laid.written).toHaveLength(6);
  });

  it('frees only what is fixed', () => {
    expect(layTable(rows, [['']], one(5, 1)).written).toEqual([]);
    expect(layTable(rows, [['']], one(2, VOLUME)).written).toHaveLength(1);
  });
});
