import { cellAt, FIGURE, isDate, type PlanForm, type ReadDate, weekdayIn } from './form.js';
import { joinRuns, withFigure } from './join-runs.js';

/** A calendar: a line of dates, what is run below each of them. */
export const calendar: PlanForm = {
  said: 'It stood as a calendar; it stands with a day a row here.',
  drawn(table, readDate) {
    const days = table.map((row) => datesIn(row, readDate));
    if (days.filter(Boolean).length < FEWEST_WEEKS) return undefined;
    const runs = new Map<string, { date: string; text: string }>();
    let above: readonly (string | undefined)[] = [];
    table.forEach((row, index) => {
      const dates = days[index];
      if (dates) {
        above = dates;
        dates.forEach((date, column) => {
          if (date !== undefined) runs.set(date, { date: cellAt(row, column), text: '' });
        });
        return;
      }
      above.forEach((date, column) => {
        const day = date === undefined ? undefined : runs.get(date);
        const text = cellAt(row, column);
        if (!day || text === '' || weekdayIn(text)) return;
        const isFigure = FIGURE.test(text) && day.text !== '' && !FIGURE.test(day.text);
        day.text = isFigure ? withFigure(day.text, text) : joinRuns(day.text, text);
      });
    });
    const inOrder = [...runs].sort(([one], [other]) => (one < other ? -1 : 1));
    return [['Date', 'Session'], ...inOrder.map(([, { date, text }]) => [date, text])];
  },
};

/** Fewer lines of dates are a heading. */
const FEWEST_WEEKS = 2;
/** Fewer dates in a line are none of a week. */
const FEWEST_DATES = 4;

/** The dates of a line that holds little else, each at its column; undefined of another line. */
function datesIn(row: readonly string[], readDate: ReadDate): (string | undefined)[] | undefined {
  const dates = row.map((cell) => (isDate(cell, readDate) ? readDate(cell.trim()) : undefined));
  const others = row.filter((cell, at) => cell.trim() !== '' && dates[at] === undefined);
  const count = dates.filter((date) => date !== undefined).length;
  return count >= FEWEST_DATES && others.length <= 1 ? dates : undefined;
}
