import { addDays, type CivilDate, differenceInDays, memoizeLast } from '../../base/index.js';
import type { EventDays } from '../events/event-days.js';
import type { FrameWeek } from '../frame/frame.js';
import type { BlockEvent } from '../../spec/days/index.js';

/** Days a long run keeps from a race on the way, on either side. */
const FROM_A_RACE = 3;

/** And before a test; after it only where the week rests. */
const FROM_A_TEST = 2;

/** Days it moves at the most: farther, and it stands beside the long run of another week. */
const MOVES_AT_MOST = 4;

/** Where a week's long run falls. */
export interface LongRunDay {
  /** Undefined when the week has no day for it. */
  date: CivilDate | undefined;
  /** True when a race on the way stands in the week. */
  race: boolean;
  /** True when a race on the way, of this week or at its edge, takes from it. */
  cut: boolean;
}

/** What of a block a long run keeps clear of. */
interface Around {
  days: EventDays;
  /** The goal race. */
  raceOn: CivilDate;
  /** True for a date of which the coach fixed what is done, or one that is off: no long run moves there. */
  isTaken: (date: CivilDate) => boolean;
  /** True for a date on which the coach fixed the long run: it stays there, whatever is near. */
  isOwn: (date: CivilDate) => boolean;
}

/** A week with the races and tests that its long run keeps away from, its neighbours' among them. */
interface Raced extends Pick<Around, 'days' | 'isTaken'> {
  week: Pick<FrameWeek, 'start' | 'length' | 'kind'>;
  races: readonly CivilDate[];
  tests: readonly CivilDate[];
}

/**
 * The day of a week's long run: the one wished, or the nearest within four days
 * that an event and the coach leave free: three days from a race, two before a
 * test, wherever the week ends. One that the coach fixed there stays.
 */
export function longRunDay(
  week: Raced['week'],
  asked: CivilDate | undefined,
  around: Around,
): LongRunDay {
  const { days, isTaken, isOwn } = around;
  const stays = asked !== undefined && isOwn(asked) && (days.get(asked)?.running ?? 1) > 0;
  const wished = stays ? asked : farFromRace(week.start, asked, around);
  if (days.size === 0) return { date: wished, race: false, cut: false };
  const { races, tests } = racesOf(days);
  const isNear = (date: CivilDate) => isIn(week, date, FROM_A_RACE);
  const of = { week, days, isTaken, races: races.filter(isNear), tests: tests.filter(isNear) };
  const isKept = stays || wished === undefined || suits(of, wished);
  const date = isKept ? wished : nearest(of, wished);
  return { date, race: of.races.some((race) => isIn(week, race)), cut: isCut(of, date) };
}

/** Races and tests of a block: every week asks whether one is near. */
const racesOf = memoizeLast((days: EventDays) => {
  const on = (kind: BlockEvent['kind']) =>
    [...days].flatMap(([date, { race }]) => (race?.kind === kind ? [date] : []));
  return { races: on('tune-up-race'), tests: on('test') };
});

function suits({ week, days, races, tests }: Raced, date: CivilDate): boolean {
  const asked = days.get(date);
  const afterTest = week.kind === 'recovery' ? FROM_A_TEST : 1;
  return (
    (asked?.running ?? 1) > 0 &&
    asked?.back !== 'first' &&
    asked?.back !== 'second' &&
    races.every((race) => Math.abs(differenceInDays(race, date)) >= FROM_A_RACE) &&
    tests.every((test) => {
      const until = differenceInDays(test, date);
      return until > 0 ? until >= FROM_A_TEST : -until >= afterTest;
    })
  );
}

function nearest(of: Raced, wished: CivilDate): CivilDate | undefined {
  const away = (date: CivilDate) => Math.abs(differenceInDays(date, wished));
  return daysFrom(of.week.start, of.week.length)
    .filter((date) => suits(of, date) && away(date) <= MOVES_AT_MOST && !of.isTaken(date))
    .filter((date) => of.days.get(date)?.back === undefined)
    .sort((one, other) => away(one) - away(other) || one.localeCompare(other))[0];
}

/**
 * True with a race of the same week still to come or not yet out of the legs, and on
 * the easier days before one of the next week.
 */
function isCut({ week, days, races }: Raced, date: CivilDate | undefined): boolean {
  return races.some((race) => {
    if (date === undefined) return isIn(week, race);
    const until = differenceInDays(race, date);
    if (!isIn(week, race)) return until > 0 && (days.get(date)?.running ?? 1) < 1;
    return until > 0 || -until <= FROM_A_RACE || days.get(date)?.easy === true;
  });
}

/** True for a day of a week, or one so many days beside it. */
function isIn({ start, length }: Raced['week'], date: CivilDate, beside = 0): boolean {
  const at = differenceInDays(date, start);
  return at >= -beside && at < length + beside;
}

function daysFrom(start: CivilDate, length: number): CivilDate[] {
  return Array.from({ length }, (_, day) => addDays(start, day));
}

/** Days before the goal race that no long run falls into, and how far one moves back for them. */
export const TO_THE_RACE = 7;
const MOVED_BACK = 3;

/** The day wished for a long run, moved back out of the last days before the goal race; none where it would move far. */
function farFromRace(
  start: CivilDate,
  wished: CivilDate | undefined,
  { raceOn, isTaken }: Around,
): CivilDate | undefined {
  if (wished === undefined || differenceInDays(raceOn, wished) >= TO_THE_RACE) return wished;
  return daysFrom(addDays(wished, -MOVED_BACK), MOVED_BACK).findLast(
    (date) => date >= start && differenceInDays(raceOn, date) >= TO_THE_RACE && !isTaken(date),
  );
}
