import { describe, expect, it } from 'vitest';
import { readTable, writeTable } from './table-text.js';

describe('a table on the clipboard', () => {
  it('keeps the lines within a cell apart, and columns that are drawn together', () => {
    const html =
      '<table><tr><td colspan="2">Week 1</td><td>8 easy<br>strides</td></tr>' +
      '<tr><td><p>5</p><p> 8 </p></td><td>a\n  b</td><td></td></tr></table>';
    expect(readTable({ html, text: '' })).toEqual([
      ['Week 1', '', '8 easy\nstrides'],
      ['5\n8', 'a b', ''],
    ]);
  });

  it('is read from text with tabs, lines within quotes, or with commas', () => {
    expect(readTable({ html: '', text: 'Mon\t"8 easy\nstrides"\n' })).toEqual([
      ['Mon', '8 easy\nstrides'],
    ]);
    expect(readTable({ html: '', text: '1,8,16\n2,9,18' })).toEqual([
      ['1', '8', '16'],
      ['2', '9', '18'],
    ]);
    const session = '6 x 1 km, 90 s jog, 2 km easy';
    expect(readTable({ html: '', text: session })).toEqual([[session]]);
    const noted = '| Week | Mon | Tue |\n|---|:--|---|\n| 1 | rest | 8 easy |\n| 2 | | 9 |\n';
    expect(readTable({ html: '', text: noted })).toEqual([
      ['Week', 'Mon', 'Tue'],
      ['1', 'rest', '8 easy'],
      ['2', '', '9'],
    ]);
  });

  it('comes back as it was written, markup and all', () => {
    const rows = [['8 <b>', 'a & b', '']];
    const { html, text } = writeTable(rows);
    expect(readTable({ html, text })).toEqual(rows);
    expect(readTable({ html: '', text })).toEqual(rows);
  });
});
