import type { Handout, HandoutDay } from './handout.js';

/** A cell of a table: figures stay figures, whatever they are written as. */
export type TableCell = string | number;

/** A table with its heading row first. */
export type Table = TableCell[][];

/** A row a week. */
export function weeksTable(handout: Handout): Table {
  const { unit } = handout;
  return [
    ['Week', 'To go', 'From', 'Phase', 'Recovery', `Volume, ${unit}`, `Long run, ${unit}`, 'Notes'],
    ...handout.weeks.map((week) => [
      week.number,
      week.toGo,
      week.start,
      week.phase,
      week.recovery ? 'yes' : '',
      amountOf(handout, week.steps),
      week.longRun > 0 ? amountOf(handout, week.longRun) : '',
      week.note,
    ]),
  ];
}

/** A row a day. */
export function daysTable(handout: Handout): Table {
  return [
    ['Week', 'Date', 'Day', 'Role', handout.unit, 'Sessions'],
    ...handout.weeks.flatMap(({ number, days }) =>
      days.map((day) => [
        number,
        day.date,
        weekdayName(handout, day),
        day.role,
        amountOf(handout, day.steps),
        day.sessions.join(' + '),
      ]),
    ),
  ];
}

/** Shown steps as an amount in the shown unit, without the dust of steps of a tenth. */
export function amountOf({ measure }: Pick<Handout, 'measure'>, steps: number): number {
  return Math.round(10 * steps * measure.step) / 10;
}

function weekdayName({ weekdays }: Handout, { column }: HandoutDay): string {
  return weekdays[column] ?? '';
}
