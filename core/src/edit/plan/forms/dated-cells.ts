import { isDate, type PlanForm, type ReadDate } from './form.js';

/** `5/4: rest`, `Mon 5 Apr` over what is run: a date, and more behind it or below. */
const DATED = /^(?<date>[^:\n]{3,16}?)\s*(?::|\n|\s[–—-]\s)\s*(?<text>[\s\S]*)$/;

/** A calendar with the date of each day in its own cell. */
export const datedCells: PlanForm = {
  said: 'It stood as a calendar; it stands with a day a row here.',
  drawn(table, readDate) {
    const cells = table
      .flat()
      .map((cell) => cell.trim())
      .filter(Boolean);
    const days = cells.flatMap((cell) => dayIn(cell, readDate) ?? []);
    if (days.length < FEWEST || 2 * days.length < cells.length) return undefined;
    const inOrder = [...days].sort((one, other) => (one.on < other.on ? -1 : 1));
    return [['Date', 'Session'], ...inOrder.map(({ date, text }) => [date, text])];
  },
};

/** Two weeks of days; the other half at most are headings and sums. */
const FEWEST = 14;

function dayIn(cell: string, readDate: ReadDate) {
  const { date = '', text = '' } = DATED.exec(cell)?.groups ?? {};
  return isDate(date, readDate) ? { date, text: text.trim(), on: readDate(date) ?? '' } : undefined;
}
