import { type Weekday, weekdays, weekdaysFrom } from '../../../base/index.js';
import { isPhaseName } from '../phase-names.js';
import { firstDayOf, isDate, type PlanForm, type ReadDate } from './form.js';
import { phaseOf, sumIn, titleOf } from './week-title.js';

/** `Tue: 8 easy`, `Thurs – 6 x 800 m`, and in two cells. */
const DAY =
  /^(?<day>mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?\b\.?,?\s*[:–—-]?\s+(?<text>\S.*)$/i;

/** `2 Feb: 8 easy`: the date of a day, before what is run. */
const DATED = /^(?<date>[^:]{3,16}?)(?:\s*:|\s[–—-])\s+(?<text>\S.*)$/;

/** `Week 3`, `Week 3: 48 km`. */
const WEEK = /^(?:week|wk)\.?\s*\d+\b/i;

/** Lines of days that are a plan. */
const FEWEST = 5;
/** Words of a phase’s name; a longer line is advice. */
const MOST_WORDS = 4;

/**
 * A plan that is told line by line, as in a letter: `Week 1 – 40 km`, `Mon: rest`,
 * `Tue: 8 easy`; a phase may have a line of its own, a day its date. Other lines
 * stand beside their week, unread.
 */
export const toldByLine: PlanForm = {
  said: 'It was told line by line; it stands with a week a row here.',
  drawn(table, readDate) {
    const lines = table.map((row) =>
      row
        .filter((cell) => cell.trim() !== '')
        .join(' ')
        .trim(),
    );
    const told = lines.filter((line) => DAY.test(line)).length;
    const isNarrow = table.every((row) => row.filter((cell) => cell.trim() !== '').length <= 2);
    if (told < FEWEST || told <= lines.filter(Boolean).length / 2 || !isNarrow) return undefined;
    const said = lines.filter(Boolean).map((line) => lineOf(line, readDate));
    const inOrder = weekdaysFrom(firstDayOf(said.find(({ day }) => day !== undefined)?.day));
    return drawnAs(weeksOf(said, inOrder), inOrder, readDate);
  },
};

/** What a line says: of a day, with its date where it has one, or of a week. */
interface Line {
  text: string;
  day?: Weekday | undefined;
  date?: string;
}

/** A week as it is told. */
interface Told {
  phase: string;
  title: string;
  date: string;
  days: Map<Weekday, string>;
  notes: string[];
}

function lineOf(line: string, readDate: ReadDate): Line {
  const { day: name, text = '' } = DAY.exec(line)?.groups ?? {};
  if (name === undefined) return { text: line };
  const day = weekdays.find((each) => each.startsWith(name.toLowerCase()));
  const dated = DATED.exec(text)?.groups;
  const date = dated?.date?.trim() ?? '';
  return isDate(date, readDate) ? { day, date, text: dated?.text ?? '' } : { day, text };
}

/** Lines by their weeks. Where these are not named, an earlier day of the week begins the next. */
function weeksOf(lines: readonly Line[], inOrder: readonly Weekday[]): Told[] {
  const isTitle = ({ day, text }: Line) => day === undefined && WEEK.test(text);
  const isNamed = lines.some(isTitle);
  const weeks: Told[] = [];
  let last = -1;
  let phase = '';
  for (const line of lines) {
    const { day, text } = line;
    if (day === undefined && !isTitle(line) && isOfAPhase(text)) {
      phase = text;
      continue;
    }
    const place = day === undefined ? last : inOrder.indexOf(day);
    let week = weeks.at(-1);
    const isAgain = day !== undefined && week?.days.has(day) !== false;
    const isNew = day === undefined ? isTitle(line) : isAgain || (!isNamed && place < last);
    if (!week || isNew) {
      week = { phase, title: isTitle(line) ? text : '', date: '', days: new Map(), notes: [] };
      weeks.push(week);
      phase = '';
    }
    if (day === undefined) week.notes.push(text);
    else week.days.set(day, text);
    week.date ||= line.date ?? '';
    last = place;
  }
  return weeks.filter(({ days }) => days.size > 0);
}

function isOfAPhase(text: string): boolean {
  return isPhaseName(text) && text.split(/\s+/).length <= MOST_WORDS;
}

/** A week a row; what no week says has no column. */
function drawnAs(
  weeks: readonly Told[],
  inOrder: readonly Weekday[],
  readDate: ReadDate,
): string[][] {
  const rows = weeks.map(({ phase, title, date, days, notes }, index) => {
    const named = titleOf(title, readDate);
    const within = phaseOf(title);
    return {
      week: String(index + 1),
      date: date || (isDate(named, readDate) ? named : ''),
      phase: phase || (isPhaseName(within) ? within : ''),
      days: inOrder.map((day) => days.get(day) ?? ''),
      total: sumIn(title),
      notes: notes.join('; '),
    };
  });
  const columns = (['date', 'phase', 'total'] as const).filter((column) =>
    rows.some((row) => row[column] !== ''),
  );
  return [
    ['week', ...columns, ...inOrder, 'notes'],
    ...rows.map((row) => [
      row.week,
      ...columns.map((column) => row[column]),
      ...row.days,
      row.notes,
    ]),
  ];
}
