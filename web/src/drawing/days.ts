import { type CivilDate, differenceInDays } from '@nadir/core/base';
import type { Week } from '@nadir/core/layout/block';
import { type Columns, columnWidth, columnX } from './columns.js';

/**
 * Pixel of a day's morning: each week's days share its column evenly, a short
 * first week's fewer days too.
 *
 * @param index days since the start of the block
 */
export function dayX(
  weeks: readonly Pick<Week, 'length'>[],
  columns: Columns,
  index: number,
): number {
  let left = index;
  for (const [place, { length }] of weeks.entries()) {
    if (left < length) {
      const x = columnX(columns, place);
      return x + ((columnX(columns, place + 1) - x) * left) / length;
    }
    left -= length;
  }
  return columnX(columns, weeks.length);
}

/** Pixels of every day's morning, in order: what `dayX` gives one by one. */
export function dayXs(weeks: readonly Pick<Week, 'length'>[], columns: Columns): number[] {
  const width = columnWidth(columns);
  return weeks.flatMap(({ length }, place) => {
    const x = columnX(columns, place);
    return Array.from({ length }, (_, day) => x + (width * day) / length);
  });
}

/** When a week begins, and its days. */
type Days = Pick<Week, 'start' | 'length'>;

/** Days since the start of the block; undefined outside it. */
export function dayIndex(weeks: readonly Days[], date: CivilDate): number | undefined {
  const first = weeks[0];
  if (!first) return undefined;
  const index = differenceInDays(date, first.start);
  const days = weeks.reduce((total, { length }) => total + length, 0);
  return index >= 0 && index < days ? index : undefined;
}

/** How many weeks are over on a day. */
export function weeksDone(
  weeks: readonly (Days & Pick<Week, 'number'>)[],
  today: CivilDate,
): number {
  return (weekOf(weeks, today) ?? (today < (weeks[0]?.start ?? today) ? 1 : weeks.length + 1)) - 1;
}

/** Number of the week that holds `date`, or of the nearest: the first before the block, the last after it. */
export function weekNearest(
  weeks: readonly (Days & Pick<Week, 'number'>)[],
  date: CivilDate,
): number {
  return weekOf(weeks, date) ?? (date < (weeks[0]?.start ?? date) ? 1 : weeks.length);
}

/** Number of the week that holds `date`; undefined outside the block. */
export function weekOf(
  weeks: readonly (Days & Pick<Week, 'number'>)[],
  date: CivilDate,
): number | undefined {
  if (dayIndex(weeks, date) === undefined) return undefined;
  return weeks.findLast(({ start }) => start <= date)?.number;
}
