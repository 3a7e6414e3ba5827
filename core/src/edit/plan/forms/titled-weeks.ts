import { type PlanForm, weekdayIn, widthOf } from './form.js';
import { areDated, phaseOf, sumIn, titleOf } from './week-title.js';

/** One heading with the days, and below it `Week 3 – 60 km` on a line of its own above what is run. */
export const titledWeeks: PlanForm = {
  said: 'Each of its weeks had a title above it; the title stands beside it here.',
  drawn(table, readDate) {
    const at = table.slice(0, MOST_HEAD).findIndex((row) => row.filter(weekdayIn).length >= FEWEST);
    const head = table[at];
    const body = table.slice(at + 1);
    const titles = body.flatMap((row) => titleIn(row) ?? []);
    if (head === undefined || titles.length < FEWEST_TITLES) return undefined;
    const isDated = areDated(
      titles.map((title) => titleOf(title, readDate)),
      readDate,
    );
    const width = widthOf(table);
    const padded = (row: readonly string[]) =>
      Array.from({ length: width }, (_, column) => row[column] ?? '');
    const weeks: string[][] = [];
    let title = '';
    for (const row of body) {
      const own = titleIn(row);
      if (own === undefined && row.some((cell) => cell.trim() !== '')) {
        weeks.push([titleOf(title, readDate), ...padded(row), phaseOf(title), sumIn(title)]);
      }
      // A second row below a title is of the same week.
      title = own ?? '';
    }
    const all = [[isDated ? 'Week of' : 'Week', ...padded(head), 'Phase', 'Total'], ...weeks];
    const isSaid = (column: number) => column <= width || weeks.some((week) => week[column] !== '');
    return all.map((row) => row.filter((_, column) => isSaid(column)));
  },
};

/** Lines in which the heading may stand, days that it names at least, and weeks with a title. */
const MOST_HEAD = 6;
const FEWEST = 3;
const FEWEST_TITLES = 2;

/** What a line alone says of the week below it; undefined of any other line. */
function titleIn(row: readonly string[]): string | undefined {
  const [said = '', ...more] = row.map((cell) => cell.trim()).filter(Boolean);
  return more.length === 0 && /^(?:week|wk|w\/?c)\b/i.test(said) ? said : undefined;
}
