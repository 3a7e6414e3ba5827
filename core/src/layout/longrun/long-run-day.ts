import { addDays, type CivilDate, differenceInDays } from '../../base/index.js';
import type { EventDays } from '../events/event-days.js';

/** Days a long run keeps from a race on the way. */
const FROM_A_RACE = 3;

/** Days it moves at the most: farther, and it stands beside the long run of another week. */
const MOVES_AT_MOST = 4;

/** Where a week's long run falls. */
export interface LongRunDay {
  /** Undefined when the week has no day for it. */
  date: CivilDate | undefined;
  /** True when an event moved it off its weekday. */
  moved: boolean;
  /** True when a race on the way stands in the week. */
  race: boolean;
}

/**
 * The day of a week's long run: the one wished, or the nearest day that an event
 * leaves free within four days. A race or test of the week keeps the long run three days off.
 */
export function longRunDay(
  week: { start: CivilDate; length: number },
  asked: CivilDate | undefined,
  days: EventDays,
  raceOn: CivilDate,
): LongRunDay {
  const wished = farFromRace(week.start, asked, raceOn);
  const dates = Array.from({ length: week.length }, (_, day) => addDays(week.start, day));
  if (!dates.some((date) => days.has(date))) return { date: wished, moved: false, race: false };
  const races = dates.filter((date) => days.get(date)?.race?.kind === 'tune-up-race');
  const tests = dates.filter((date) => days.get(date)?.race?.kind === 'test');
  const suits = (date: CivilDate) =>
    (days.get(date)?.running ?? 1) > 0 &&
    days.get(date)?.back !== true &&
    !tests.includes(date) &&
    races.every((race) => Math.abs(differenceInDays(race, date)) >= FROM_A_RACE);
  if (wished === undefined || suits(wished)) {
    return { date: wished, moved: false, race: races.length > 0 };
  }
  const nearest = dates
    .filter((date) => suits(date) && Math.abs(differenceInDays(date, wished)) <= MOVES_AT_MOST)
    .sort(
      (a, b) =>
        Math.abs(differenceInDays(a, wished)) - Math.abs(differenceInDays(b, wished)) ||
        a.localeCompare(b),
    );
  return { date: nearest[0], moved: true, race: races.length > 0 };
}

/** Days before the goal race that no long run falls into, and how far one moves back for them. */
export const TO_THE_RACE = 7;
const MOVED_BACK = 3;

/** The day wished for a long run, moved back out of the last days before the goal race; none where it would move far. */
function farFromRace(
  start: CivilDate,
  wished: CivilDate | undefined,
  raceOn: CivilDate,
): CivilDate | undefined {
  if (wished === undefined || differenceInDays(raceOn, wished) >= TO_THE_RACE) return wished;
  const latest = addDays(raceOn, -TO_THE_RACE);
  return latest >= start && differenceInDays(wished, latest) <= MOVED_BACK ? latest : undefined;
}
