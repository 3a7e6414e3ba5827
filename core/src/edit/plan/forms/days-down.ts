import {
  cellAt,
  columnOfDays,
  isDate,
  type PlanForm,
  type ReadDate,
  type Table,
  SUM,
  FIGURE_HEAD,
  TEXT_HEAD,
  weekdayIn,
  widthOf,
} from './form.js';
import { joinRuns } from './join-runs.js';

/**
 * Days down and weeks across, one panel of weeks below the other:
 * `'' | Week 1 | Week 2`, `Mon | rest | rest`.
 */
export const daysDown: PlanForm = {
  said: 'Its weeks stood side by side; they stand one below the other here.',
  drawn(table, readDate) {
    const found = columnOfDays(table, readDate);
    if (!found) return undefined;
    const { column } = found;
    const panels = panelsOf(table, found);
    const isSo = panels.every(({ head, days }) => {
      // A week below another is a day a row, unless the weeks of each panel are named.
      const isNamed = panels.length === 1 || head.length > 0;
      return isNamed && weeksIn(days, column) >= 2 && !head.some((row) => row.some(isOfADay));
    });
    if (!isSo) return undefined;
    const drawn = panels.map((panel) => turned(panel, column, readDate));
    const [head = []] = drawn[0] ?? [];
    return [
      head,
      ...drawn.flatMap(([own = [], ...weeks]) =>
        weeks.map((week) => head.map((name) => week[own.indexOf(name)] ?? '')),
      ),
    ];
  },
};

/** Rows of some weeks side by side, what stands over them and what below. */
interface Panel {
  head: Table;
  days: Table;
  foot: Table;
}

/** Session, km: a table of one day a row. */
function isOfADay(cell: string): boolean {
  return TEXT_HEAD.test(cell.trim()) || FIGURE_HEAD.test(cell.trim());
}

/** Lines over the days of a panel that may be about its weeks. */
const MOST_HEAD = 3;

function panelsOf(
  table: Table,
  { column, rows }: { column: number; rows: readonly number[] },
): Panel[] {
  const panels: number[][] = [];
  let seen = new Set<string | undefined>();
  for (const row of rows) {
    const text = cellAt(table[row], column).toLowerCase();
    if (seen.has(text) || panels.length === 0) {
      panels.push([]);
      seen = new Set();
    }
    seen.add(text);
    panels.at(-1)?.push(row);
  }
  return panels.map((days, index) => {
    const [first = 0] = days;
    const last = days.at(-1) ?? first;
    const before = panels[index - 1]?.at(-1) ?? -1;
    const after = panels[index + 1]?.[0] ?? table.length;
    const isLast = after === table.length;
    const below = table.slice(last + 1, after);
    // Between two panels a line is about the weeks below it, unless it sums up.
    const between = table.slice(Math.max(before + 1, first - MOST_HEAD), first);
    return {
      head: between.filter((row) => !SUM.test(cellAt(row, column)) && isAcross(row, column)),
      days: days.map((row) => table[row] ?? []),
      foot: below.filter((row) =>
        isLast ? cellAt(row, column) !== '' : SUM.test(cellAt(row, column)),
      ),
    };
  });
}

/** A line that says something of more weeks than one. */
function isAcross(row: readonly string[], column: number): boolean {
  return row.slice(column + 1).filter((cell) => cell.trim() !== '').length >= 2;
}

/** Columns behind the days in which something is run. */
function weeksIn(days: Table, column: number): number {
  const columns = Array.from({ length: widthOf(days) }, (_, at) => at).slice(column + 1);
  return columns.filter((at) => days.filter((row) => cellAt(row, at) !== '').length >= 2).length;
}

/** A panel with a week a row, its headings first. */
function turned({ head, days, foot }: Panel, column: number, readDate: ReadDate): string[][] {
  const named = [
    ...head.map((row) => ({ name: headOf(row.slice(column + 1), readDate), row })),
    ...days.map((row) => ({ name: String(weekdayIn(cellAt(row, column))), row })),
    ...foot.map((row) => ({ name: cellAt(row, column), row })),
  ];
  const names = [...new Set(named.map(({ name }) => name))];
  const width = Math.max(...days.map((row) => row.length));
  const weeks = Array.from({ length: width - column - 1 }, (_, week) =>
    names.map((name) => {
      const cells = named
        .filter((each) => each.name === name)
        .map(({ row }) => cellAt(row, column + 1 + week));
      return weekdayIn(name) ? cells.reduce(joinRuns) : (cells.find(Boolean) ?? '');
    }),
  );
  return [
    names,
    ...weeks.filter((week) => week.some((cell, at) => cell !== '' && !HEADS.has(names[at] ?? ''))),
  ];
}

/** `wk 5 (taper)`, and the last of them, which may have no number. */
const NUMBERED = /\d|^race ?(?:week|wk|day)?$/i;

const HEADS = new Set(['week', 'date', 'phase']);

/** What a line over weeks that stand side by side says of them. */
function headOf(cells: readonly string[], readDate: ReadDate): string {
  const said = cells.map((cell) => cell.trim()).filter(Boolean);
  if (said.every((cell) => isDate(cell, readDate))) return 'date';
  const isCounted = said.some((cell) => /\d/.test(cell));
  return isCounted && said.every((cell) => NUMBERED.test(cell)) ? 'week' : 'phase';
}
