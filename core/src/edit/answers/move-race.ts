import {
  addDays,
  type CivilDate,
  countWeeks,
  differenceInDays,
  equalAsJson,
  startOfWeek,
} from '../../base/index.js';
import { resolveSpec } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';
import { type BlockEvent, type FixedDay, lastDay } from '../../spec/days/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';
import { ownPhasesOf, stretched } from './own-phases.js';
import { renumbered } from './renumbered.js';

/** A new race day, and what goes with it. */
export interface Moved {
  date: CivilDate;
  /** Civil date; a block that starts on or before it has begun. */
  today: CivilDate;
  /** True where what is written for single days goes along by whole weeks; else each stays on its date. */
  takesDays: boolean;
}

/**
 * Moves the goal race. A block that has not begun counts back again: it keeps its weeks
 * and starts earlier or later, what is written for its days along with them. One that has
 * begun keeps its start and what was run, and becomes longer or shorter: what is fixed in
 * the taper goes with the race, and stands in place of what was there; the weeks before it,
 * and what is over, stay where they are; of own phases the last before the taper changes. Days that are then outside the block are left out.
 *
 * @param given the wishes that are changed; what they leave open stays open
 * @param block as it is laid out before the race moves
 */
export function moveRace<T extends BlockSpec>(given: T, block: Block, moved: Moved): T {
  const { spec } = block;
  const { date, today } = moved;
  const race = { ...given.race, date };
  const by = weeksBetween(spec.race.date, date, spec);
  if (spec.start > today || date < spec.start) {
    const start = addDays(spec.start, 7 * by);
    const days = moved.takesDays ? later(spec.days, by, () => true) : spec.days;
    const events = areSuggested(given, spec) ? undefined : eventsBefore(spec, date);
    const end = endOf(date, spec);
    return { ...given, race, start, weeks: spec.weeks, events, days: daysIn(days, start, end) };
  }
  const weeks = countWeeks(spec.start, date, spec.weekStartsOn);
  const days = moved.takesDays ? daysWithTaper(block, { by, today }) : spec.days;
  // Tests that were suggested stay where the athlete knows them.
  const events = eventsBefore(spec, date);
  const isOwn = spec.phases.layout === 'own';
  return {
    ...{ ...given, ...renumbered(given, weeksWithTaper(block, { by, today })) },
    ...(isOwn && { phases: { layout: 'own', own: stretched(ownPhasesOf(block), by) } }),
    ...{ race, events, start: spec.start, weeks },
    days: daysIn(days, spec.start, endOf(date, spec)),
  };
}

/** The last day of race week, which is whole. */
function endOf(race: CivilDate, { weekStartsOn }: ResolvedSpec): CivilDate {
  return addDays(startOfWeek(race, weekStartsOn), 6);
}

/** Days of the block that it becomes. */
function daysIn(days: readonly FixedDay[], start: CivilDate, end: CivilDate): FixedDay[] {
  return days.filter(({ date }) => date >= start && date <= end);
}

/** True of tests that are suggested where no event is given: they are suggested anew. */
function areSuggested(given: BlockSpec, { events }: ResolvedSpec): boolean {
  return equalAsJson(resolveSpec({ ...given, events: undefined }).events, events);
}

function eventsBefore({ events }: ResolvedSpec, date: CivilDate): BlockEvent[] {
  return events.filter((event) => lastDay(event) < date);
}

/** The weeks that go with the race: those of the taper that have not begun. What is over stays. */
function taperOf({ weeks, spec }: Block, today: CivilDate): { first: number; from: CivilDate } {
  const taper = weeks.find(({ taperShare, days }) => taperShare < 1 && isToCome(days[0], today));
  return {
    first: taper?.number ?? weeks.length + 1,
    from: taper?.days[0]?.date ?? addDays(spec.race.date, 1),
  };
}

function isToCome(day: { date: CivilDate } | undefined, today: CivilDate): boolean {
  return day !== undefined && day.date >= today;
}

/** Weeks of the taper move by so many; one that it comes to stand on is no more. */
function weeksWithTaper(
  block: Block,
  { by, today }: { by: number; today: CivilDate },
): (week: number) => number | undefined {
  const { first } = taperOf(block, today);
  const current = countWeeks(block.spec.start, today, block.spec.weekStartsOn);
  const last = block.weeks.length + by;
  return (week) => {
    const onto = week < first ? week : week + by;
    const isKept = week < first ? week < Math.max(first + by, current) : onto >= current;
    return isKept && onto <= last ? onto : undefined;
  };
}

/** Days of the taper move by so many weeks; those before today, and those before the taper, stay. */
function daysWithTaper(block: Block, { by, today }: { by: number; today: CivilDate }): FixedDay[] {
  const { days } = block.spec;
  const { from } = taperOf(block, today);
  const onto = addDays(from, 7 * by);
  const left = days.filter(({ date }) => date < from && (date < onto || date < today));
  const taken = later(days, by, ({ date }) => date >= from).filter((day) => isToCome(day, today));
  return [...left, ...taken].sort((a, b) => a.date.localeCompare(b.date));
}

/** Chosen days, so many weeks later. */
function later(
  days: readonly FixedDay[],
  by: number,
  isChosen: (day: FixedDay) => boolean,
): FixedDay[] {
  return days.filter(isChosen).map((day) => ({ ...day, date: addDays(day.date, 7 * by) }));
}

/** Whole calendar weeks from one day’s week to another’s. */
function weeksBetween(from: CivilDate, to: CivilDate, { weekStartsOn }: ResolvedSpec): number {
  return differenceInDays(startOfWeek(to, weekStartsOn), startOfWeek(from, weekStartsOn)) / 7;
}
