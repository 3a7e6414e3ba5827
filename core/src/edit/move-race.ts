import { lastDay } from '../spec/days/index.js';
import {
  addDays,
  type CivilDate,
  countWeeks,
  differenceInDays,
  startOfWeek,
} from '../base/index.js';
import type { ResolvedSpec } from '../spec/index.js';
import { inWeeks } from './whole-weeks.js';
import type { Change } from './change.js';

/**
 * Moves the goal race. A block that has not begun counts back again: it keeps
 * its weeks and starts earlier or later. One that has begun keeps its start and
 * what was run: it becomes longer or shorter, and pins and recovery weeks stay
 * in the weeks they were put on, those past the new race week left out.
 *
 * @param today civil date; a block that starts on or before it has begun
 */
export function moveRace(spec: ResolvedSpec, date: CivilDate, today: CivilDate): Change {
  const race = { ...spec.race, date };
  const events = spec.events.filter((event) => lastDay(event) < date);
  if (spec.start > today || date < spec.start) {
    const weeks = differenceInWeeks(date, spec);
    return { race, start: addDays(spec.start, 7 * weeks), weeks: spec.weeks, events };
  }
  const weeks = countWeeks(spec.start, date, spec.weekStartsOn);
  const { volume, rotations, week, longRun } = spec;
  const left = (number: number) => (number <= weeks ? number : undefined);
  return {
    race,
    events,
    start: spec.start,
    weeks,
    pins: spec.pins.filter(({ week }) => week <= weeks),
    longRun: { ...longRun, segmentWeeks: longRun.segmentWeeks?.filter((each) => each <= weeks) },
    rotations: rotations && inWeeks(rotations, left),
    week: { ...week, fixed: week.fixed && inWeeks(week.fixed, left) },
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
function differenceInWeeks(date: CivilDate, { race, weekStartsOn }: ResolvedSpec): number {
  return (
    differenceInDays(startOfWeek(date, weekStartsOn), startOfWeek(race.date, weekStartsOn)) / 7
  );
}
