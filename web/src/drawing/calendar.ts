import { addDays, type CivilDate, differenceInDays } from '@nadir/core/base';
import { dayAndMonth } from '@nadir/core/base/format';

/** One axis of days for many blocks. */
export interface Calendar {
  from: CivilDate;
  to: CivilDate;
  width: number;
  /** Pixel of a day's morning. */
  x: (date: CivilDate) => number;
  /** The first of each month within it. */
  months: { x: number; name: string }[];
}

/**
 * A calendar that holds every span given.
 *
 * @param width pixels
 */
export function calendarOf(
  spans: readonly { from: CivilDate; to: CivilDate }[],
  width: number,
): Calendar | undefined {
  const from = spans.map((span) => span.from).sort()[0];
  const to = spans
    .map((span) => span.to)
    .sort()
    .at(-1);
  if (from === undefined || to === undefined) return undefined;
  const days = differenceInDays(to, from) + 1;
  const x = (date: CivilDate) => (differenceInDays(date, from) / days) * width;
  return {
    from,
    to,
    width,
    x,
    months: monthsOf(from, to).map((date) => ({ x: x(date), name: nameOf(date) })),
  };
}

function monthsOf(from: CivilDate, to: CivilDate): CivilDate[] {
  const months: CivilDate[] = [];
  let first = `${from.slice(0, 7)}-01`;
  while (first <= to) {
    if (first >= from) months.push(first);
    first = `${addDays(first, 31).slice(0, 7)}-01`;
  }
  return months;
}

function nameOf(date: CivilDate): string {
  return dayAndMonth(date).split(' ')[1] ?? '';
}
