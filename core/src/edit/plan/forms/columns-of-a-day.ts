import type { Weekday } from '../../../base/index.js';
import { cellAt, FIGURE_HEAD, PART, type PlanForm, TEXT_HEAD, weekdayIn } from './form.js';
import { joinRuns, withFigure } from './join-runs.js';

/** Several columns a day: `Mon am | Mon pm`, `Mon | km`. */
export const columnsOfADay: PlanForm = {
  said: 'Its days had several columns each; each stands in one here.',
  drawn(table) {
    const at = table.slice(0, MOST_HEAD).findIndex((row) => row.filter(weekdayIn).length >= FEWEST);
    const head = table[at];
    if (head === undefined) return undefined;
    const below = table[at + 1] ?? [];
    const isLabels =
      below.some(isLabel) && below.every((cell) => cell.trim() === '' || isLabel(cell));
    const columns = columnsOf(head, isLabels ? below : []);
    const days = new Set(columns.map(({ day }) => day).filter((day) => day !== undefined));
    const ofDays = columns.filter(({ day }) => day !== undefined).length;
    if (ofDays < days.size + FEWEST_MORE) return undefined;
    const firsts = columns.flatMap(({ day }, place) =>
      day === undefined || columns.findIndex((each) => each.day === day) === place ? [place] : [],
    );
    const rows = table.slice(at + (isLabels ? 2 : 1));
    return [
      firsts.map((place) => columns[place]?.day ?? cellAt(head, place)),
      ...rows.map((row) => firsts.map((place) => cellOf(row, place, columns))),
    ];
  },
};

/** Lines in which the headings may stand, days a heading names at least, and further columns of theirs. */
const MOST_HEAD = 6;
const FEWEST = 3;
const FEWEST_MORE = 1;

/** What a column of a day holds. */
interface Column {
  day: Weekday | undefined;
  isFigure: boolean;
}

function isLabel(cell: string): boolean {
  const text = cell.trim();
  return PART.test(text) || TEXT_HEAD.test(text) || FIGURE_HEAD.test(text);
}

function columnsOf(head: readonly string[], below: readonly string[]): Column[] {
  let day: Weekday | undefined;
  return Array.from({ length: Math.max(head.length, below.length) }, (_, at) => {
    const [name, label] = [cellAt(head, at), cellAt(below, at)];
    const own = weekdayIn(name);
    // Behind a day stand what is run on it, and how much: the last of the week has its own sum.
    const isMore =
      own === undefined && (name === '' ? label !== '' : isLabel(name) && !isSumAt(head, at));
    day = own ?? (isMore ? day : undefined);
    return { day, isFigure: FIGURE_HEAD.test(own === undefined && name !== '' ? name : label) };
  });
}

/** One `km` behind the last day is the sum of the week. */
function isSumAt(head: readonly string[], at: number): boolean {
  return (
    head.filter((cell) => cell.trim().toLowerCase() === cellAt(head, at).toLowerCase()).length === 1
  );
}

/** What the columns of a day hold, in one cell. */
function cellOf(row: readonly string[], place: number, columns: readonly Column[]): string {
  const day = columns[place]?.day;
  if (day === undefined) return cellAt(row, place);
  const runs: { text: string; figure: string }[] = [];
  columns.forEach((column, at) => {
    if (column.day !== day) return;
    const last = runs.at(-1);
    if (column.isFigure && last && last.figure === '') last.figure = cellAt(row, at);
    else runs.push({ text: cellAt(row, at), figure: '' });
  });
  return runs.map(({ text, figure }) => withFigure(text, figure)).reduce(joinRuns);
}
