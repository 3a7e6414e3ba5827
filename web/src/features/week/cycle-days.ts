import type { CheckedBlock } from '@nadir/core';
import { type CivilDate, differenceInDays, startOfWeek } from '@nadir/core/base';
import type { Day, Week } from '@nadir/core/layout/block';
import { cycleLength } from '@nadir/core/spec';
import * as wording from './wording.js';

/** A day on the page, and the week that counts it. */
export interface CycleDay {
  day: Day;
  week: Week;
  /** Place within its week. */
  place: number;
}

/** Days that stand side by side: a week, or a cycle of the coach's own. */
export interface Cycle {
  number: number;
  days: CycleDay[];
}

/** Where a day is copied on to, in a word. */
export function copiedTo({ spec }: CheckedBlock): string {
  return cycleLength(spec) % 7 === 0 ? wording.nextWeek : wording.nextCycle;
}

/** The days of a block in cycles: weeks, unless the coach's roles start over after more days. */
export function cyclesOf({ weeks, spec }: CheckedBlock, length = cycleLength(spec)): Cycle[] {
  const anchor = startOfWeek(spec.start, spec.weekStartsOn);
  const all = weeks.flatMap((week) => week.days.map((day, place) => ({ day, week, place })));
  const cycles: Cycle[] = [];
  for (const each of all) {
    const number = Math.floor(differenceInDays(each.day.date, anchor) / length) + 1;
    const last = cycles.at(-1);
    if (last?.number === number) last.days.push(each);
    else cycles.push({ number, days: [each] });
  }
  return cycles;
}

/** The cycle a date stands in; the nearest where it is outside the block. */
export function cycleOn(cycles: readonly Cycle[], date: CivilDate): Cycle | undefined {
  return cycles.findLast(({ days }) => (days[0]?.day.date ?? '') <= date) ?? cycles[0];
}
