import { weekdays, weekdaysFrom } from '../../../base/index.js';
import { isPhaseName } from './phase-names.js';
import { namedByLetter } from './day-letters.js';
import { firstDayOf, type PlanForm, type ReadDate } from './form.js';
import { joinRuns } from './join-runs.js';
import { lineOf, type ToldDay, type ToldLine } from './told-lines.js';
import { areDated, besideSum, dateIn, phaseOf, sumIn } from './week-title.js';

/** Lines of days that are a plan. */
const FEWEST = 5;

/**
 * A plan that is told line by line, as in a letter: `Week 1 – 40 km`, `Mon: rest`,
 * `Tue: 8 easy`; a phase may have a line of its own, a day its date, a session
 * several lines. Other lines stand beside their week, unread.
 */
export const toldByLine: PlanForm = {
  said: 'It was told line by line; it stands with a week a row here.',
  drawn(table, readDate) {
    const cells = table.map((row) => row.filter((cell) => cell.trim() !== ''));
    const said = cells.filter(({ length }) => length > 0).map((row) => row.join(' '));
    const lines = namedByLetter(said).map((line) => lineOf(line, readDate));
    const told = lines.filter(({ kind }) => kind === 'day').length;
    const more = lines.filter(({ kind }) => kind === 'run').length;
    const isNarrow = cells.every(({ length }) => length <= 2);
    if (told < FEWEST || told + more <= lines.length / 2 || !isNarrow) return undefined;
    const inOrder = orderOf(lines);
    return drawnAs(weeksOf(lines, inOrder), inOrder, readDate);
  },
};

/** The days of a week as they are told, in order. */
function orderOf(lines: readonly ToldLine[]): ToldDay[] {
  const told = new Set(lines.flatMap(({ days }) => days));
  const [first] = told;
  if (first?.startsWith('Day ')) return weekdays.map((_, place) => `Day ${place + 1}` as const);
  return weekdaysFrom(firstDayOf(weekdays.find((day) => day === first)));
}

/** A week as it is told. */
interface Told {
  phase: string;
  title: string;
  sum: string;
  date: string;
  days: Map<ToldDay, string>;
  notes: string[];
}

/** Lines by their weeks. Where these are not named, an earlier day of the week begins the next. */
function weeksOf(lines: readonly ToldLine[], inOrder: readonly ToldDay[]): Told[] {
  const isNamed = lines.some(({ kind }) => kind === 'title');
  const weeks: Told[] = [];
  let phase = '';
  let last: ToldDay | undefined;
  for (const line of lines) {
    if (line.kind === 'phase') {
      phase = line.text;
      continue;
    }
    let week = weeks.at(-1);
    if (!week || begins(line, { week, last, inOrder, isNamed })) {
      week = { phase, title: '', sum: '', date: '', days: new Map(), notes: [] };
      weeks.push(week);
      [phase, last] = ['', undefined];
    }
    add(week, line, last);
    last = line.days.at(-1) ?? last;
  }
  return weeks.filter(({ days }) => days.size > 0);
}

/** Whether a line is the first of the next week. */
function begins(
  { kind, days: [day], isPart }: ToldLine,
  at: { week: Told; last: ToldDay | undefined; inOrder: readonly ToldDay[]; isNamed: boolean },
): boolean {
  const { week, last, inOrder, isNamed } = at;
  if (kind === 'title') return true;
  if (day === undefined) return false;
  if (day === last && (isPart || isNamed)) return false;
  const isEarlier = last !== undefined && inOrder.indexOf(day) < inOrder.indexOf(last);
  return week.days.has(day) || (!isNamed && isEarlier);
}

/** Adds what a line says to its week; `last` is the day told of before it. */
function add(week: Told, { kind, text, days, date, isPart }: ToldLine, last?: ToldDay): void {
  if (kind === 'title') week.title = text;
  if (kind === 'sum') week.sum = sumIn(text) || (/[\d.,]+/.exec(text)?.[0] ?? '');
  week.date ||= date;
  for (const day of days) week.days.set(day, joinRuns(week.days.get(day) ?? '', text));
  const before = last === undefined ? undefined : week.days.get(last);
  const isOfADay = before !== undefined && (kind === 'run' || (kind === 'note' && before === ''));
  if (last !== undefined && isOfADay) {
    const isMore = before !== '' && !isPart;
    week.days.set(last, isMore ? `${before}, ${text}` : joinRuns(before, text));
  } else if (kind === 'note' || kind === 'run' || (kind === 'title' && besideSum(text) !== '')) {
    week.notes.push(text);
  }
}

/** A week a row; what no week says has no column: such days are nobody’s rest. */
function drawnAs(
  weeks: readonly Told[],
  inOrder: readonly ToldDay[],
  readDate: ReadDate,
): string[][] {
  const told = inOrder.filter((day) => weeks.some(({ days }) => days.has(day)));
  const dates = weeks.map(({ title }) => dateIn(title, readDate));
  const titled = areDated(dates, readDate) ? dates : [];
  const rows = weeks.map(({ phase, title, sum, date, days, notes }, index) => {
    const within = phaseOf(title);
    return {
      week: String(index + 1),
      date: date || (titled[index] ?? ''),
      phase: phase || (isPhaseName(within) ? within : ''),
      total: sum || sumIn(title),
      days: told.map((day) => days.get(day) ?? ''),
      notes: notes.join('; '),
    };
  });
  const said = (column: 'date' | 'phase' | 'total' | 'notes') =>
    rows.some((row) => row[column] !== '') ? [column] : [];
  const before = [...said('date'), ...said('phase'), ...said('total')];
  const behind = said('notes');
  return [
    ['week', ...before, ...told, ...behind],
    ...rows.map((row) => [
      row.week,
      ...before.map((column) => row[column]),
      ...row.days,
      ...behind.map((column) => row[column]),
    ]),
  ];
}
