import { type BlockFile, type PlannedDay, givenOf } from '@nadir/contract';
import { issuesOfPast } from '@nadir/core/edit';
import { resolveSpec } from '@nadir/core/layout';
import type { Issue } from '@nadir/core/spec';

/** What a change writes of days that are over; nothing where it leaves weeks and days as they are. */
export function pastProblems(
  before: BlockFile,
  after: BlockFile,
  history: readonly PlannedDay[] = [],
): Issue[] {
  const isWritten = before.pins !== after.pins || before.days !== after.days;
  if (history.length === 0 || !isWritten) return [];
  const over = new Set(history.map(({ day }) => day.date));
  return issuesOfPast(resolveSpec(givenOf(before)), resolveSpec(givenOf(after)), over);
}
