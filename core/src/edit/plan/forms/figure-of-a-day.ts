import { cellAt, FIGURE_HEAD, isDate, type PlanForm, TEXT_HEAD } from './form.js';
import { withFigure } from './join-runs.js';

/** A date a row, what is run and how much of it in columns of their own: `1 March | easy | 8`. */
export const figureOfADay: PlanForm = {
  said: 'What is run and how much of it stand together here.',
  drawn(table, readDate) {
    const at = table
      .slice(0, MOST_HEAD)
      .findIndex((row) => row.some((cell) => TEXT_HEAD.test(cell.trim())));
    const head = table[at] ?? [];
    const text = head.findIndex((cell) => TEXT_HEAD.test(cell.trim()));
    const figure = head.findIndex((cell) => FIGURE_HEAD.test(cell.trim()));
    const body = table.slice(at + 1);
    const dated = body.filter((row) => row.some((cell) => isDate(cell, readDate)));
    const isByWeek = head.some((cell) => /^(?:w\/?c|week\b)/i.test(cell.trim()));
    if (isByWeek || text < 0 || figure < 0 || dated.length <= body.length / 2) return undefined;
    const others = head.flatMap((_, column) =>
      column === text || column === figure ? [] : [column],
    );
    return [
      [...others.map((column) => cellAt(head, column)), 'Session'],
      ...body.map((row) => [
        ...others.map((column) => cellAt(row, column)),
        withFigure(cellAt(row, text), cellAt(row, figure)),
      ]),
    ];
  },
};

/** Lines in which the headings may stand. */
const MOST_HEAD = 6;
