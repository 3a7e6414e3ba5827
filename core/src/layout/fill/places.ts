import type { CivilDate } from '../../base/index.js';
import type { PlannedDay } from '../week/planning.js';

/** Where a day stands between two long runs: days since the last, days until the next. */
export interface Place {
  since: number;
  until: number;
}

/** Days between long runs, before the first of a block and after the last. */
const USUAL = 7;

/** The place of every day of a block. A race counts as a long run. */
export function placesOf(weeks: readonly (readonly PlannedDay[])[]): (date: CivilDate) => Place {
  const days = weeks.flat();
  const long = days.flatMap(({ role }, index) => (isLong(role) ? [index] : []));
  const places = new Map<CivilDate, Place>();
  let [last, ahead] = [(long[0] ?? USUAL) - USUAL, 0];
  for (const [index, { date }] of days.entries()) {
    const next = long[ahead] ?? last + 2 * USUAL;
    places.set(date, { since: index - last, until: next - index });
    if (index !== next) continue;
    last = index;
    ahead++;
  }
  return (date) => places.get(date) ?? { since: USUAL, until: USUAL };
}

function isLong(role: PlannedDay['role']): boolean {
  return role === 'long' || role === 'tune-up' || role === 'race';
}
