import { weekdays } from '../../../base/index.js';
import { cellAt, FIGURE_HEAD, PART, type PlanForm, TEXT_HEAD, weekdayIn } from './form.js';
import { besideLabel, columnsOfDays, type Headed, headedBy, type Sheet } from './headed-week.js';
import { areDated } from './week-title.js';

/** A heading with the days over every week: below it what is run, in a row or in several; or over the weeks of a phase. */
export const headedWeeks: PlanForm = {
  said: 'Each of its weeks had a heading of its own; they stand under one here.',
  drawn(table, readDate) {
    const daysOf = (at: number) => columnsOfDays(table[at] ?? [], readDate);
    const heads = [...table.keys()].filter((at) => daysOf(at).length >= FEWEST_DAYS);
    const days = daysOf(heads[0] ?? 0);
    const isAlike = heads.every((at) => String(daysOf(at)) === String(days));
    if (heads.length < FEWEST_HEADS || !isAlike) return undefined;
    const sheet: Sheet = { table, readDate, days, label: labelOf(days) };
    const all = heads.map((at, place) => headedBy(sheet, at, heads[place + 1]));
    const weeks = all.flatMap((each) => (isOfManyWeeks(each) ? apart(each) : [each]));
    const titles = weeks.map(({ title }) => title);
    const isDated = areDated(titles, readDate);
    const head = [isDated ? 'Week of' : 'Week', ...daysIn(sheet, table[heads[0] ?? 0] ?? [])];
    const [hasPhases, hasSums] = [
      weeks.some(({ phase }) => phase !== ''),
      weeks.some(({ sum }) => sum !== ''),
    ];
    const beside = (phase: string, sum: string) => [
      ...(hasPhases ? [phase] : []),
      ...(hasSums ? [sum] : []),
    ];
    return [
      [...head, ...beside('Phase', 'Total')],
      ...weeks.flatMap(({ title, phase, sum, rows }, place) =>
        rows.map((row, at) =>
          at === 0
            ? [title || `Week ${place + 1}`, ...row.slice(1), ...beside(phase, sum)]
            : [partOf(row), ...row.slice(1), ...beside('', '')],
        ),
      ),
    ];
  },
};

/** Headings that are one of each week, at least, and the days that each names. */
const FEWEST_HEADS = 2;
const FEWEST_DAYS = 3;
/** More rows without a name are weeks. */
const MOST_NAMELESS = 2;

/** The column before the days. */
function labelOf([first = 0]: readonly number[]): number | undefined {
  return first > 0 ? first - 1 : undefined;
}

/** A heading over several weeks: it stands on every page, or over every phase or month. */
function isOfManyWeeks({ title, phase, rows }: Headed): boolean {
  if (rows.some((row) => WEEK.test(cellAt(row, 0)))) return true;
  const nameless = rows.filter((row) => partOf(row) === '').length;
  return title === '' && (nameless > MOST_NAMELESS || (phase !== '' && nameless === rows.length));
}

/** Each row a week, the first with what the heading says. */
function apart({ phase, rows }: Headed): Headed[] {
  return rows.map((row, at) => {
    const title = cellAt(row, 0);
    return { title, phase: at === 0 ? phase : '', sum: '', rows: [row] };
  });
}

const WEEK = /^(?:week|wk)?\.?\s*\d{1,2}$/i;

/** What a row is of its week: a part of the day, sessions or figures; empty where it does not say. */
function partOf(row: readonly string[]): string {
  const own = cellAt(row, 0);
  return PART.test(own) || TEXT_HEAD.test(own) || FIGURE_HEAD.test(own) ? own : '';
}

/** The heading beside its label, days by their names alone. */
function daysIn(sheet: Sheet, head: readonly string[]): string[] {
  const plain = head.map((cell, column) => {
    const [day = ''] = /^[a-z]+/i.exec(cell.trim()) ?? [];
    const isDay = sheet.days.includes(column);
    return (isDay && weekdays.find((each) => each === weekdayIn(day))) || cell;
  });
  return besideLabel(plain, sheet);
}
