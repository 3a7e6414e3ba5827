import { type CivilDate, addDays, differenceInDays } from '../base/civil-date.js';
import { countWeeks, startOfWeek } from '../base/weeks.js';
import { lastDay } from '../spec/event.js';
import type { Wishes } from '../spec/block-spec.js';
import type { Change } from './change.js';

/**
 * Moves the goal race. A block that has not begun counts back again: it keeps
 * its weeks and starts earlier or later. One that has begun keeps its start and
 * what was run: it becomes longer or shorter, and pins and recovery weeks stay
 * in the weeks they were put on, those past the new race week left out.
 *
 * @param today civil date; a block that starts on or before it has begun
 */
export function moveRace(wishes: Wishes, date: CivilDate, today: CivilDate): Change {
  const race = { ...wishes.race, date };
  const events = wishes.events.filter((event) => lastDay(event) < date);
  if (wishes.start > today || date < wishes.start) {
    const weeks = differenceInWeeks(date, wishes);
    return { race, start: addDays(wishes.start, 7 * weeks), weeks: wishes.weeks, events };
  }
  const weeks = countWeeks(wishes.start, date, wishes.weekStartsOn);
  const { volume } = wishes;
  return {
    race,
    events,
    start: wishes.start,
    weeks,
    pins: wishes.pins.filter(({ week }) => week <= weeks),
    volume: {
      ...volume,
      recovery: {
        ...volume.recovery,
        weeks: volume.recovery.weeks?.filter((week) => week <= weeks),
      },
    },
  };
}

/** Whole calendar weeks from the old race week to the new one. */
function differenceInWeeks(date: CivilDate, { race, weekStartsOn }: Wishes): number {
  return (
    differenceInDays(startOfWeek(date, weekStartsOn), startOfWeek(race.date, weekStartsOn)) / 7
  );
}
