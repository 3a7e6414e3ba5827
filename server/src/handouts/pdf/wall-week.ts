import type { Handout, HandoutDay, HandoutWeek, RowPlan } from '@nadir/core/present/handout';
import { fittingWords } from './fitting-words.js';
import type { Ink } from './ink.js';
import type { Columns } from './wall-columns.js';
import { dotted, mark } from './wall-marks.js';

/** A week: its days, its sums, and room for a pen. */
export function weekRow(
  ink: Ink,
  handout: Handout,
  week: HandoutWeek,
  columns: Columns,
  { y, plan }: { y: number; plan: RowPlan },
): void {
  const { letters: size, row } = plan;
  const base = y + row / 2 + size * 0.35;
  ink.words(String(week.number), columns.from - 0.6 * size, base, {
    size,
    face: 'bold',
    anchor: 'end',
  });
  if (week.recovery) dotted(ink, columns.from - 2 * size, columns.from - 0.5 * size, base + 2);
  ink.words(week.from, columns.from, base, { size });
  for (const { x } of columns.days) ink.line(x, y, x, y + row, 0.25);
  for (const day of week.days) {
    const column = columns.days[day.column];
    if (column) dayCell(ink, handout, day, column, { y, plan });
  }
  ink.line(columns.long, y, columns.long, y + row, 0.25);
  ink.words(week.longRunFigure, columns.total - 0.8 * size, base, { size, anchor: 'end' });
  ink.words(week.figure, columns.run - 0.8 * size, base, { size, face: 'bold', anchor: 'end' });
  dotted(ink, columns.run + size, columns.done - 0.4 * size, base + 1);
  const tick = Math.min(size * 1.3, row - 2);
  ink.box(columns.end - tick, y + (row - tick) / 2, tick, tick, 0.5);
  const isLast = handout.phases.some(
    ({ firstWeek, weeks }) => firstWeek + weeks - 1 === week.number,
  );
  ink.line(
    isLast ? columns.spine : columns.week,
    y + row,
    columns.end,
    y + row,
    isLast ? 0.8 : 0.25,
  );
}

function dayCell(
  ink: Ink,
  handout: Handout,
  day: HandoutDay,
  { x, width }: { x: number; width: number },
  { y, plan: { letters: size, row } }: { y: number; plan: RowPlan },
): void {
  const base = y + row / 2 + size * 0.35;
  mark(ink, day, { x, y, row, size, base });
  const isRace = day.mark === 'race';
  const figure = isRace ? '' : day.figure;
  const style = {
    size,
    face: day.mark === 'plain' || day.mark === 'rest' ? 'sans' : 'bold',
  } as const;
  const text = isRace ? x + 1.4 * size : x + 2.9 * size;
  if (figure !== '') {
    ink.words(figure, x + 2.5 * size, base, { size, face: 'bold', anchor: 'end' });
  }
  const room = x + width - text - 1;
  const beside = isRace ? ` + ${handout.race.distance}` : '';
  const set = fittingWords(ink, day, { room, height: row, style, beside });
  set.lines.forEach((words, at) => {
    const drop = (at - (set.lines.length - 1) / 2) * set.size * 1.05;
    const left = figure === '' && !isRace ? x + 1.2 * size : text;
    ink.words(words, left, base + drop, { ...style, size: set.size });
  });
}
