import { type Weekday, weekdays, weekdaysFrom } from '../../../base/index.js';
import { firstDayOf, type PlanForm, type Table } from './form.js';

/** `Tue: 8 easy`, `Thurs – 6 x 800 m`, and in two cells. */
const DAY =
  /^(?<day>mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?\b\.?\s*[:–—-]?\s+(?<text>\S.*)$/i;

/** `Week 3`, `Week 3: 48 km`. */
const WEEK = /^(?:week|wk)\.?\s*\d+\b/i;

/** Lines of days that are a plan. */
const FEWEST = 5;

/**
 * A plan that is told line by line, as in a letter: `Week 1`, `Mon: rest`,
 * `Tue: 8 easy`. Other lines stand beside their week, unread.
 */
export const toldByLine: PlanForm = {
  said: 'It was told line by line; it stands with a week a row here.',
  drawn: weeksOfLines,
};

function weeksOfLines(table: Table): Table | undefined {
  const lines = table.map((row) =>
    row
      .filter((cell) => cell.trim() !== '')
      .join(' ')
      .trim(),
  );
  const told = lines.filter((line) => DAY.test(line)).length;
  const isNarrow = table.every((row) => row.filter((cell) => cell.trim() !== '').length <= 2);
  if (told < FEWEST || told <= lines.filter(Boolean).length / 2 || !isNarrow) return undefined;
  const days = lines.map(weekdayOf);
  const inOrder = weekdaysFrom(firstDayOf(days.find((day) => day !== undefined)));
  // Where its weeks are not named, an earlier day of the week begins the next.
  const isNamed = lines.some((line) => WEEK.test(line));
  const weeks: Told[] = [];
  let last = -1;
  lines.forEach((line, index) => {
    const weekday = days[index];
    if (line === '') return;
    const place = weekday === undefined ? last : inOrder.indexOf(weekday);
    let week = weeks.at(-1);
    const isAgain = weekday !== undefined && week?.days.has(weekday) !== false;
    const isNew = weekday === undefined ? WEEK.test(line) : isAgain || (!isNamed && place < last);
    if (!week || isNew) weeks.push((week = { days: new Map(), notes: [] }));
    if (weekday === undefined) week.notes.push(line);
    else week.days.set(weekday, DAY.exec(line)?.groups?.text ?? '');
    last = place;
  });
  const head = ['week', ...inOrder, 'notes'];
  const rows = weeks
    .filter(({ days }) => days.size > 0)
    .map(({ days, notes }, index) => [
      String(index + 1),
      ...inOrder.map((day) => days.get(day) ?? ''),
      notes.join('; '),
    ]);
  return [head, ...rows];
}

function weekdayOf(line: string): Weekday | undefined {
  const day = DAY.exec(line)?.groups?.day?.toLowerCase();
  return day === undefined ? undefined : weekdays.find((each) => each.startsWith(day));
}

/** A week as it is told. */
interface Told {
  days: Map<Weekday, string>;
  notes: string[];
}
