import { addDays, type CivilDate, weekdaysFrom } from '../../../base/index.js';
import { cellAt, type PlanForm, type ReadDate, type Table, weekdayIn } from './form.js';
import { joinRuns } from './join-runs.js';

/** A page of a wall calendar: days by their number, what is run below or beneath it in the cell. */
export const numberedCalendar: PlanForm = {
  said: 'It stood as a calendar; it stands with a week a row here.',
  drawn(table, readDate) {
    const lines = numberedLines(table);
    const numbered = lines.flatMap(({ days }) => days);
    if (lines.length < FEWEST_WEEKS || numbered.length < WEEK) return undefined;
    const weeks = weeksOf(table, lines, readDate);
    const days = table.find((row) => row.filter(weekdayIn).length >= FEWEST_DAYS) ?? [];
    const columns = columnsOf(lines);
    const named = columns.map(
      (at, place) => weekdayIn(cellAt(days, at)) ?? weekdaysFrom('monday')[place] ?? '',
    );
    const isDated = weeks.every(({ date }) => date !== undefined);
    const rows = weeks.map(({ date = '', texts }) => [
      ...(isDated ? [date] : []),
      ...columns.map((at) => texts.get(at) ?? ''),
    ]);
    return [[...(isDated ? ['Date'] : []), ...named], ...rows];
  },
};

/** Fewer lines of numbers are figures. */
const FEWEST_WEEKS = 3;
const FEWEST_DAYS = 5;
const WEEK = 7;

/** A line of numbers: the row it is, and the number and what is written beneath it at each column. */
interface Line {
  row: number;
  days: { column: number; number: number; text: string }[];
}

/** `12`, or what is run on the twelfth below it in one cell. */
const DAY = /^(?<number>\d{1,2})(?:\s*\n\s*(?<text>[\s\S]+))?$/;

/** Lines whose numbers go on from one to the next, as the days of a month do. */
function numberedLines(table: Table): Line[] {
  const all = table.flatMap((row, index) => lineOf(row, index) ?? []);
  return (
    all.map((_, from) => goesOn(all.slice(from))).find(({ length }) => length >= FEWEST_WEEKS) ?? []
  );
}

function lineOf(row: readonly string[], index: number): Line | undefined {
  const days: Line['days'] = [];
  for (let column = 0; column < row.length; column++) {
    const cell = cellAt(row, column);
    if (cell === '') continue;
    const { number, text = '' } = DAY.exec(cell)?.groups ?? {};
    const last = days.at(-1);
    // The name of the week stands before its days, what it comes to behind them.
    if (days.length === WEEK || (number === undefined && column === 0)) continue;
    const follows = !last || (last.column === column - 1 && isNext(Number(number), last.number));
    if (number === undefined || !follows || Number(number) > LONGEST_MONTH) return undefined;
    days.push({ column, number: Number(number), text });
  }
  return days.length > 0 ? { row: index, days } : undefined;
}

/** The next day of a month, or the first of another. */
function isNext(number: number, before: number): boolean {
  return number === before + 1 || (number === 1 && before >= SHORTEST_MONTH);
}

const SHORTEST_MONTH = 28;
const LONGEST_MONTH = 31;

/** The first line and those that go on from it; one of figures between them is what is run. */
function goesOn(lines: readonly Line[]): Line[] {
  return lines.reduce<Line[]>((found, line) => {
    const last = found.at(-1)?.days.at(-1)?.number;
    const first = line.days[0]?.number ?? 0;
    return last === undefined || isNext(first, last) ? [...found, line] : found;
  }, []);
}

function columnsOf(lines: readonly Line[]): number[] {
  const columns = new Set(lines.flatMap(({ days }) => days.map(({ column }) => column)));
  return [...columns].sort((one, other) => one - other);
}

/** A week of a calendar: its first day where a month is named, and what is run at each column. */
interface Week {
  date: CivilDate | undefined;
  texts: Map<number, string>;
}

function weeksOf(table: Table, lines: readonly Line[], readDate: ReadDate): Week[] {
  const weeks: Week[] = [];
  let today: CivilDate | undefined;
  lines.forEach(({ row, days }, index) => {
    const [first] = days;
    const before = lines[index - 1]?.days.at(-1);
    const after = lines[index + 1]?.row ?? table.length;
    if (!first) return;
    today =
      dateBelow(table, { from: lines[index - 1]?.row ?? -1, to: row }, first.number, readDate) ??
      today;
    // The first of a month stands behind the last of the one before, in one week of two pages.
    const isSame = before !== undefined && first.column > before.column;
    const week = (isSame ? weeks.at(-1) : undefined) ?? {
      date: today,
      texts: new Map<number, string>(),
    };
    if (!isSame) weeks.push(week);
    const below = table.slice(row + 1, after).filter((each) => !isHeading(each));
    for (const { column, text } of days) {
      const told = [text, ...below.map((each) => cellAt(each, column))].filter(Boolean);
      if (told.length > 0) week.texts.set(column, told.reduce(joinRuns));
    }
    today = today && addDays(today, days.length);
  });
  return weeks;
}

/** `March`, `April 2027`, `MAY – taper`. */
const MONTH =
  /^(?<month>jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?(?:,? (?<year>\d{4}))?(?: ?[-–:(].*)?$/i;

function monthIn(row: readonly string[]) {
  const cells = row.map((cell) => cell.trim()).filter(Boolean);
  return cells.length <= 2 ? MONTH.exec(cells.join(' '))?.groups : undefined;
}

function isHeading(row: readonly string[]): boolean {
  return monthIn(row) !== undefined || row.some((cell) => weekdayIn(cell));
}

/** The date of a day under the name of its month; undefined where none is named between two lines. */
function dateBelow(
  table: Table,
  { from, to }: { from: number; to: number },
  number: number,
  readDate: ReadDate,
): CivilDate | undefined {
  for (const row of table.slice(from + 1, to).reverse()) {
    const { month, year = '' } = monthIn(row) ?? {};
    if (month !== undefined) return readDate(`${number} ${month} ${year}`.trim());
  }
  return undefined;
}
