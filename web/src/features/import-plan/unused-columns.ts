import type { PlanShape } from '@nadir/core/edit/plan';
import * as wording from './wording.js';

/** Columns that hold something and of which nothing is taken, by their headings or their places. */
export function unusedColumns(
  table: readonly (readonly string[])[],
  { head, columns }: PlanShape,
): string[] {
  const headings = table[head - 1] ?? [];
  const textIn = (row: readonly string[], index: number) => (row[index] ?? '').trim();
  return columns.flatMap((column, index) => {
    if (column !== 'nothing') return [];
    if (!table.slice(head).some((row) => textIn(row, index) !== '')) return [];
    const heading = textIn(headings, index);
    return [heading === '' ? wording.columnAt(index + 1) : wording.quoted(heading)];
  });
}
