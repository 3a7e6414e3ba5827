import { type Weekday, weekdays } from '../../../base/index.js';
import type { PlanForm, Table } from './form.js';

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
  const weeks: Told[] = [];
  for (const line of lines.filter(Boolean)) {
    const { day = '', text = '' } = DAY.exec(line)?.groups ?? {};
    const weekday = weekdays.find((each) => each.startsWith(day.toLowerCase()) && day !== '');
    let week = weeks.at(-1);
    const isNew = weekday === undefined ? WEEK.test(line) : week?.days.has(weekday) !== false;
    if (!week || isNew) weeks.push((week = { days: new Map(), notes: [] }));
    if (weekday === undefined) week.notes.push(line);
    else week.days.set(weekday, text);
  }
  const head = ['week', ...weekdays, 'notes'];
  const rows = weeks
    .filter(({ days }) => days.size > 0)
    .map(({ days, notes }, index) => [
      String(index + 1),
      ...weekdays.map((day) => days.get(day) ?? ''),
      notes.join('; '),
    ]);
  return [head, ...rows];
}

/** A week as it is told. */
interface Told {
  days: Map<Weekday, string>;
  notes: string[];
}
