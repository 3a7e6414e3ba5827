import { type Weekday, weekdaysFrom } from '../../../base/index.js';
import { capital } from '../../../base/format/index.js';
import {
  cellAt,
  columnOfDays,
  FIGURE,
  FIGURE_HEAD,
  firstDayOf,
  type PlanForm,
  SUM,
  type Table,
  TEXT_HEAD,
  weekdayIn,
  widthOf,
} from './form.js';
import { joinRuns, withFigure } from './join-runs.js';

/** A day of the week a row, without its date: `1 | Mon | easy | 8`. */
export const dayARow: PlanForm = {
  said: 'It had a day a row; it stands with a week a row here.',
  drawn(table, readDate) {
    const found = columnOfDays(table, readDate);
    const columns = found && columnsIn(table, found);
    if (!found || !columns) return undefined;
    const rows = table.slice(found.rows[0]);
    const inOrder = weekdaysFrom(firstDayOf(weekdayIn(cellAt(rows[0], found.column))));
    const weeks = weeksOf(rows, columns, inOrder);
    const beside = BESIDE.filter((name) => weeks.some((week) => week[name].length > 0));
    return [
      ['week', ...inOrder, ...beside],
      ...weeks.map((week, index) => [
        String(index + 1),
        ...inOrder.map((day) => week.days.get(day) ?? ''),
        ...beside.map((name) => [week[name]].flat().join('; ')),
      ]),
    ];
  },
};

/** What is said of a week beside its days. */
const BESIDE = ['phase', 'total', 'notes'] as const;

/** Where the day stands, what is run, how much of it, and the phase. */
interface Columns {
  day: number;
  text: number;
  figure: number | undefined;
  phase: number | undefined;
  others: readonly number[];
}

function columnsIn(
  table: Table,
  { column: day, rows }: { column: number; rows: readonly number[] },
): Columns | undefined {
  const days = rows.map((row) => table[row] ?? []);
  const head = table[(rows[0] ?? 0) - 1];
  const behind = Array.from({ length: widthOf(days) }, (_, at) => at).slice(day + 1);
  const headed = (words: RegExp) => behind.find((at) => words.test(cellAt(head, at)));
  const filled = behind.filter((at) => days.some((row) => cellAt(row, at) !== ''));
  const isFigures = (at: number) =>
    days.every((row) => cellAt(row, at) === '' || isFigure(cellAt(row, at)));
  const text = headed(TEXT_HEAD) ?? filled.find((at) => !isFigures(at)) ?? filled[0];
  if (text === undefined) return undefined;
  const figure = headed(FIGURE_HEAD) ?? filled.find((at) => at !== text && isFigures(at));
  const phase = (head ?? []).findIndex((cell) => /^(?:phase|cycle|period)$/i.test(cell.trim()));
  const others = filled.filter((at) => ![text, figure, phase].includes(at));
  return { day, text, figure, phase: phase < 0 ? undefined : phase, others };
}

/** A week as it is drawn together. */
interface DrawnWeek {
  phase: string;
  days: Map<Weekday, string>;
  total: string;
  notes: string[];
}

function weeksOf(rows: Table, columns: Columns, inOrder: readonly Weekday[]): DrawnWeek[] {
  const placeOf = (day: Weekday) => inOrder.indexOf(day);
  const weeks: DrawnWeek[] = [];
  let phase = '';
  let last: Weekday | undefined;
  for (const row of rows) {
    phase = phaseIn(row, columns) ?? phase;
    const day: Weekday | undefined = dayIn(row, columns, last);
    const isNew = day !== undefined && (last === undefined || placeOf(day) < placeOf(last));
    if (isNew) weeks.push({ phase, days: new Map(), total: '', notes: [] });
    const week = weeks.at(-1);
    if (week && day !== undefined) addDay(week, day, { row, columns });
    else if (week && isSum(row)) week.total = row.find(isFigure)?.trim() ?? '';
    last = day ?? last;
  }
  return weeks;
}

/** The day of a line; one that names none holds a second run of the day above. */
function dayIn(
  row: readonly string[],
  columns: Columns,
  above: Weekday | undefined,
): Weekday | undefined {
  const said = cellAt(row, columns.day);
  const isMore = said === '' && runOf(row, columns) !== '' && !isSum(row);
  return weekdayIn(said) ?? (isMore ? above : undefined);
}

function addDay(
  { days, notes }: DrawnWeek,
  day: Weekday,
  { row, columns }: { row: readonly string[]; columns: Columns },
): void {
  days.set(day, joinRuns(days.get(day) ?? '', runOf(row, columns)));
  const said = columns.others.map((at) => cellAt(row, at)).filter(Boolean);
  if (said.length > 0) notes.push(`${capital(day.slice(0, 3))}: ${said.join(', ')}`);
}

function runOf(row: readonly string[], { text, figure }: Columns): string {
  return withFigure(cellAt(row, text), figure === undefined ? '' : cellAt(row, figure));
}

function isSum(row: readonly string[]): boolean {
  return row.some((cell) => SUM.test(cell.trim()));
}

function isFigure(cell: string): boolean {
  return FIGURE.test(cell.trim());
}

/** The phase that a line is of, or names and says no more; undefined where it says none. */
function phaseIn(row: readonly string[], { phase }: Columns): string | undefined {
  const named = phase === undefined ? '' : cellAt(row, phase);
  if (named !== '') return named;
  const [only = '', ...more] = row.map((cell) => cell.trim()).filter(Boolean);
  return more.length === 0 && only !== '' && !/\d/.test(only) ? only : undefined;
}
