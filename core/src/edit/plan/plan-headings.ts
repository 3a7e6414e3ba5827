import { type Weekday, weekdays, weekdaysFrom } from '../../base/index.js';

/** What a column of a coach's table holds. */
export type PlanColumn =
  Weekday | 'date' | 'week' | 'phase' | 'text' | 'session' | 'volume' | 'longRun' | 'nothing';

/** What each is called. */
export const planColumnWords: Readonly<Record<Exclude<PlanColumn, Weekday>, string>> = {
  date: 'Date',
  week: 'Week',
  phase: 'Phase',
  text: 'Session',
  session: 'Key session',
  volume: 'Volume',
  longRun: 'Long run',
  nothing: 'Not used',
};

/** What a week comes to, in hours. */
const HOURS = /^(?:(?:total|week(?:ly)?) )?(?:hours|hrs)$/;

const HEADS: readonly (readonly [RegExp, PlanColumn])[] = [
  [/^(?:date|dates|w\/?c|week (?:of|commencing|beginning|starting)|starts?|from)$/, 'date'],
  [/^(?:week|wk|weeks|no\.?|#|week (?:no\.?|number))$/, 'week'],
  [/^(?:phase|phases|block|cycle|mesocycle|period)$/, 'phase'],
  [/^(?:session|sessions|run|training|plan|what|workout|details?)$/, 'text'],
  [/^(?:key|hard|quality|q)(?: (?:sessions?|workouts?|days?))? ?#?\d?$/, 'session'],
  [/^(?:session|workout) ?#?\d$/, 'session'],
  [
    /^(?:total|totals|volume|km|kms|miles|mi|mileage|sum|min|minutes|time|total time|week(?:ly)? (?:total|volume|km|miles|mileage)|total (?:km|miles|min))$/,
    'volume',
  ],
  [HOURS, 'volume'],
  [/^(?:long|long run|longest|lr)$/, 'longRun'],
];

export function isWeekday(column: PlanColumn): column is Weekday {
  return weekdays.some((day) => day === column);
}

/** So many days of the week are headings, whatever a line above says of them. */
const MOST_OF_A_WEEK = 4;

function isDay(cell: string): boolean {
  const head = headOf(cell);
  return head !== undefined && isWeekday(head);
}

/** Lines over a table in which its headings may stand. */
const MOST_HEAD = 6;

/** Rows before the plan begins, its headings with them; 0 where it has none. */
export function rowsOfHead(table: readonly (readonly string[])[]): number {
  const rows = table.slice(0, MOST_HEAD);
  const named = rows.findIndex((row) => row.filter(isDay).length >= MOST_OF_A_WEEK);
  return (named < 0 ? rows.findIndex(isHeading) : named) + 1;
}

function isHeading(row: readonly string[]): boolean {
  const known = row.filter((cell) => headOf(cell) !== undefined).length;
  return known >= 2 || daysAcross(row, 'monday') !== undefined;
}

/** True for a heading over hours. */
export function isInHours(cell: string): boolean {
  return HOURS.test(wordsOf(cell));
}

/** Without what stands in brackets behind it. */
function wordsOf(cell: string): string {
  return cell
    .trim()
    .toLowerCase()
    .replace(/\s*[([].*$/, '');
}

function headOf(cell: string): PlanColumn | undefined {
  const words = wordsOf(cell);
  const short = /^(?:tues|thurs?|weds)$/.test(words) ? words.slice(0, 3) : words;
  const weekday = weekdays.find((day) => [day, day.slice(0, 3), day.slice(0, 2)].includes(short));
  if (weekday) return weekday;
  return HEADS.find(([pattern]) => pattern.test(words))?.[1];
}

/** Seven days side by side, and the column they begin at. */
interface DaysAcross {
  at: number;
  days: Weekday[];
}

function daysAcross(row: readonly string[], weekStartsOn: Weekday): DaysAcross | undefined {
  return initialsAt(row) ?? numbersAt(row, weekStartsOn);
}

/** `Day 1` to `Day 7`, from the first of the coach's week on. */
function numbersAt(row: readonly string[], weekStartsOn: Weekday): DaysAcross | undefined {
  const days = weekdaysFrom(weekStartsOn);
  const numbers = row.map((cell) => /^d(?:ay)? ?([1-7])$/i.exec(cell.trim())?.[1]);
  const at = numbers.indexOf('1');
  const isWhole = at >= 0 && days.every((_, place) => numbers[at + place] === String(place + 1));
  return isWhole ? { at, days } : undefined;
}

/** `M T W T F S S`, `M T W Th F Sa Su`: days cut short, in whatever order a week begins. */
function initialsAt(row: readonly string[]): DaysAcross | undefined {
  const words = row.map(wordsOf);
  for (const first of weekdays) {
    const days = weekdaysFrom(first);
    const at = words.findIndex((_, index) =>
      days.every((day, place) => isCutShort(words[index + place], day)),
    );
    if (at >= 0) return { at, days };
  }
  return undefined;
}

function isCutShort(word: string | undefined, day: Weekday): boolean {
  return word !== undefined && word !== '' && (day.startsWith(word) || headOf(word) === day);
}

/** What the columns under a row of headings hold, each once; undefined where none is known. */
export function headed(
  row: readonly string[],
  width: number,
  weekStartsOn: Weekday,
): PlanColumn[] | undefined {
  const across = daysAcross(row, weekStartsOn);
  // Hours beside kilometres say the same twice.
  const isMeasured = row.some((cell) => headOf(cell) === 'volume' && !isInHours(cell));
  const columns = Array.from({ length: width }, (_, index): PlanColumn => {
    const cell = row[index] ?? '';
    const head = isMeasured && isInHours(cell) ? undefined : headOf(cell);
    return across?.days[index - across.at] ?? head ?? 'nothing';
  });
  const taken = new Set<PlanColumn>();
  const once = columns.map((column): PlanColumn => {
    if (column !== 'session' && taken.has(column)) return 'nothing';
    taken.add(column);
    return column;
  });
  return once.some((column) => column !== 'nothing') ? once : undefined;
}
