import type { NumberFormat } from '@nadir/contract';
import type { Table, TableCell } from '@nadir/core/present/handout';
import Papa from 'papaparse';

/** What a spreadsheet would run as a formula, full-width signs too. */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;
/** So that a spreadsheet reads accents as they are. */
const BYTE_ORDER_MARK = '\ufeff';

/** A table as a file: with a point and commas, or with a decimal comma and semicolons. */
export function csvFile(table: Table, format: NumberFormat): Uint8Array {
  const isComma = format === 'comma';
  const rows = table.map((row) => row.map((cell) => cellText(cell, isComma)));
  const text = Papa.unparse(rows, { delimiter: isComma ? ';' : ',', newline: '\r\n' });
  return Buffer.from(`${BYTE_ORDER_MARK}${text}\r\n`, 'utf8');
}

/** Text that begins like a formula is told to be text. */
function cellText(cell: TableCell, isComma: boolean): string {
  if (typeof cell === 'string') return FORMULA.test(cell) ? `'${cell}` : cell;
  return isComma ? String(cell).replace('.', ',') : String(cell);
}
