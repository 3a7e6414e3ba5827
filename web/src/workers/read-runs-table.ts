import type { RunsTableAnswer, RunsTableRequest } from '@nadir/contract';
import { guessActivityColumns, readActivities } from '@nadir/core/record/activities';
import { readRows } from '../components/table-text.js';

/** Reads a table of runs; null where no row of it names a date and a distance or time. */
export function readRunsTable({ text, unit, columns }: RunsTableRequest): RunsTableAnswer {
  const rows = readRows(text);
  const shape = guessActivityColumns(rows);
  if (!shape) return null;
  const names = rows[shape.head] ?? [];
  const table = { rows, head: shape.head, columns: columns ?? shape.columns };
  return { names, columns: [...table.columns], ...readActivities(table, unit) };
}
