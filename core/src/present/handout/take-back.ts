import type { WrittenCell } from '../../edit/sheet/index.js';
import type { Handout, HandoutDay } from './handout.js';
import { amountOf } from './tables.js';

/** What differs in a table of days that came back. */
export interface CameBack {
  /** Days that say something else, as they would be typed on the sheet. */
  cells: WrittenCell[];
  /** Rows of days that the block does not have. */
  outside: number;
}

/**
 * Holds the days of a workbook against the block it was made from: a figure or a
 * session that is another is written, as if it were typed; roles and sums follow.
 *
 * @param rows of its sheet “Days”, the heading row first
 * @returns why it cannot be read, in a sentence, where it is no such table
 */
export function cameBack(
  handout: Handout,
  rows: readonly (readonly string[])[],
): CameBack | string {
  const [head = [], ...body] = rows;
  const [date, amount, sessions] = ['Date', handout.unit, 'Sessions'].map((name) =>
    head.indexOf(name),
  );
  if (date === undefined || date < 0 || sessions === undefined || sessions < 0) {
    return 'Its sheet “Days” has no columns “Date” and “Sessions”: it is not a workbook made here.';
  }
  if (amount === undefined || amount < 0) {
    return `Its figures are not in ${handout.unit}, as the block is shown here. Choose its unit in Settings, and bring it again.`;
  }
  const days = new Map(
    handout.weeks.flatMap((week) => week.days).map((day) => [day.date, day] as const),
  );
  const found: CameBack = { cells: [], outside: 0 };
  for (const row of body) {
    const on = row[date] ?? '';
    const day = days.get(on);
    if (!day) {
      if (on !== '') found.outside += 1;
      continue;
    }
    const text = changeOf(handout, day, row[amount] ?? '', row[sessions] ?? '');
    if (text !== undefined) found.cells.push({ cell: { kind: 'day', date: on }, text });
  }
  return found;
}

/** What would be typed for a day that came back another; undefined where it is the same. */
function changeOf(
  handout: Handout,
  day: HandoutDay,
  amount: string,
  sessions: string,
): string | undefined {
  if (sessions.trim() !== day.sessions.join(' + ')) return sessions.trim() || 'rest';
  const figure = amount.trim() === '' ? 0 : Number(amount);
  return figure === amountOf(handout, day.steps) ? undefined : amount.trim() || 'rest';
}
