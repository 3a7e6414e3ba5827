import type { PinField } from '@nadir/core/edit';
import type { WrittenCell } from '@nadir/core/edit/sheet';
import type { Block } from '@nadir/core/layout/block';
import type { SheetRow } from '@nadir/core/present';
import type { LaidTable } from '../../editor/usePasted.js';

/** The Ledger's cells of some weeks as a table: one row, or from the row of weeks all of them with their names. */
export function ledgerTable(
  { weeks }: Pick<Block, 'weeks'>,
  rows: readonly SheetRow[],
  active: SheetRow,
  chosen: readonly number[],
): string[][] {
  const cellsOf = (row: SheetRow) =>
    chosen.flatMap((number) => {
      const week = weeks[number - 1];
      return week ? [row.text(week, number - 1)] : [];
    });
  return active.key === HEAD ? rows.map((row) => [row.label, ...cellsOf(row)]) : [cellsOf(active)];
}

/** The row that numbers the weeks. */
const HEAD = 'week';

/**
 * Lays a table over the Ledger from a week on. A row with its name goes to the row
 * of that name; else rows go to volume and long run, from the one in hand on.
 * Columns of figures, weeks down, are turned. A table that stands there already
 * changes nothing; of another every figure is fixed.
 */
export function layLedgerTable(
  weeks: number,
  rows: readonly SheetRow[],
  { field, week, texts }: { field: PinField; week: number; texts: TextOf },
  table: readonly (readonly string[])[],
): LaidTable {
  const given = seriesOf(rows, field, table).flatMap(({ into, cells }) =>
    cells.map((text, index) => ({ into, number: week + index, text })),
  );
  const said = given.filter(({ text }) => text !== '');
  const within = said.filter(({ number }) => number <= weeks);
  const isSame = within.every(({ into, number, text }) => text === texts(into, number));
  // The race is no long run of its week.
  const written = within.filter(({ into, number, text }) =>
    text === RACE ? texts(into, number) !== RACE : true,
  );
  return {
    written: isSame
      ? []
      : written.map(({ into, number, text }) => ({ cell: cellOf(into, number), text })),
    outside: said.length - within.length,
  };
}

const RACE = 'race';

/** What stands in a row in a week. */
type TextOf = (field: PinField, week: number) => string;

interface Series {
  into: PinField;
  cells: readonly string[];
}

const FIELDS: readonly PinField[] = ['volume', 'longRun'];

function seriesOf(
  rows: readonly SheetRow[],
  field: PinField,
  table: readonly (readonly string[])[],
): Series[] {
  const named = table.flatMap(([name = '', ...cells]): Series[] => {
    const into = rows.find(({ label, pins }) => pins !== undefined && label === name)?.pins;
    return into ? [{ into, cells }] : [];
  });
  if (named.length > 0) return named;
  const isDown = table.length > FIELDS.length && (table[0]?.length ?? 0) <= FIELDS.length;
  const series = isDown ? turned(table) : table;
  return FIELDS.slice(FIELDS.indexOf(field)).flatMap((into, place) => {
    const cells = series[place];
    return cells ? [{ into, cells }] : [];
  });
}

function turned(table: readonly (readonly string[])[]): string[][] {
  const width = Math.max(0, ...table.map((row) => row.length));
  return Array.from({ length: width }, (_, column) => table.map((row) => row[column] ?? ''));
}

function cellOf(field: PinField, week: number): WrittenCell['cell'] {
  return { kind: field, week };
}
