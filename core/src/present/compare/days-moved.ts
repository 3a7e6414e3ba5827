import type { CivilDate } from '../../base/index.js';
import type { Block, Day } from '../../layout/block/index.js';

/** Dates from a day on, that day too, on which two blocks ask for something else. */
export function daysMoved(
  one: Pick<Block, 'weeks'>,
  other: Pick<Block, 'weeks'>,
  from: CivilDate,
): CivilDate[] {
  const [first, second] = [one, other].map(
    ({ weeks }) =>
      new Map(weeks.flatMap(({ days }) => days.map((day) => [day.date, askedOf(day)] as const))),
  );
  const dates = new Set([...(first?.keys() ?? []), ...(second?.keys() ?? [])]);
  return [...dates]
    .filter((date) => date >= from && first?.get(date) !== second?.get(date))
    .sort((a, b) => a.localeCompare(b));
}

function askedOf({ role, distance, time, swap, sessions }: Day): string {
  const written = sessions.map(({ kind, shorthand }) => `${kind} ${shorthand}`);
  return JSON.stringify([role, Math.round(distance), Math.round(time), swap, written]);
}
