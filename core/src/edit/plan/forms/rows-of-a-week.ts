import { cellAt, FIGURE, FIGURE_HEAD, PART, type PlanForm, TEXT_HEAD, weekdayIn } from './form.js';
import { joinRuns, withFigure } from './join-runs.js';

/** Several rows a week, of which the first has its number or date: what is run, and below it how much. */
export const rowsOfAWeek: PlanForm = {
  said: 'Its weeks had several rows each; each stands in one here.',
  drawn(table) {
    const at = table.slice(0, MOST_HEAD).findIndex((row) => row.filter(weekdayIn).length >= FEWEST);
    const head = table[at] ?? [];
    const { label, isCalled } = labelIn(head);
    if (at < 0 || label < 0) return undefined;
    const weeks: string[][] = [];
    let more = 0;
    for (const row of table.slice(at + 1)) {
      const said = cellAt(row, label);
      // 1 and 2 are weeks here, not the first run of a day and its second.
      const isNamed = !/^\d+$/.test(said) && isRowOfAWeek(said);
      const isEmpty = head.every((name, column) => !weekdayIn(name) || cellAt(row, column) === '');
      const week = weeks.at(-1);
      // Where no heading says that the column names weeks, a row without a name may be one.
      if (!week || (said === '' ? !isCalled : !isNamed)) {
        weeks.push(head.map((_, column) => cellAt(row, column)));
        continue;
      }
      if (isNamed || !isEmpty) more++;
      head.forEach((name, column) => {
        if (column === label) return;
        const pair = [week[column] ?? '', cellAt(row, column)] as const;
        week[column] = weekdayIn(name) ? together(pair, PART.test(said)) : pair[0] || pair[1];
      });
    }
    // Fewer are a slip: a week without its number.
    return more < weeks.length / 2 ? undefined : [...table.slice(0, at + 1), ...weeks];
  },
};

/** Lines in which the headings may stand, and days that a heading names at least. */
const MOST_HEAD = 6;
const FEWEST = 3;

/** What a column is called that says which week a row is. */
const LABEL =
  /^(?:week|wk|weeks|no\.?|#|dates?|w\/?c|week (?:of|commencing|beginning|starting|no\.?|number))$/i;

/** The column that says which week a row is: by its heading, else the one before the days. */
function labelIn(head: readonly string[]): { label: number; isCalled: boolean } {
  const called = head.findIndex((cell) => LABEL.test(cell.trim()));
  if (called >= 0) return { label: called, isCalled: true };
  const before = head.findIndex(weekdayIn) - 1;
  const isOpen = before >= 0 && cellAt(head, before) === '';
  return { label: isOpen ? before : -1, isCalled: false };
}

function isRowOfAWeek(label: string): boolean {
  return FIGURE_HEAD.test(label) || TEXT_HEAD.test(label) || PART.test(label);
}

/** Two cells of a day, one below the other, in one: two runs where the row is a part of the day. */
function together([above, below]: readonly [string, string], isPart: boolean): string {
  const isApart = isPart || above === '' || below === '';
  const [isFirst, isSecond] = [FIGURE.test(above), FIGURE.test(below)];
  if (isApart || isFirst === isSecond) return joinRuns(above, below);
  return isFirst ? withFigure(below, above) : withFigure(above, below);
}
