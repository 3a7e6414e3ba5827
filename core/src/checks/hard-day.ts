import { type Day, isHardRunning } from '../week/day.js';
import type { LaidBlock } from '../laid/laid-block.js';

/** True for a day that asks for rest before it and easy running after it. */
export function isHardDay(day: Pick<Day, 'role' | 'swap' | 'hardTime'>): boolean {
  const long = day.swap === undefined && (day.role === 'long' || day.role === 'race');
  return long || isHardRunning(day);
}

/** A day of the block with the number of its week. */
export interface BlockDay {
  week: number;
  day: Day;
}

/** Worked out once a block: many checks go through its days. */
const known = new WeakMap<LaidBlock, BlockDay[]>();

/** The days up to race day, in order. */
export function daysToRace(block: LaidBlock): readonly BlockDay[] {
  const found = known.get(block) ?? daysOf(block);
  known.set(block, found);
  return found;
}

function daysOf({ weeks, wishes }: LaidBlock): BlockDay[] {
  const all: BlockDay[] = [];
  for (const { number, days } of weeks) {
    for (const day of days) {
      if (day.date <= wishes.race.date) all.push({ week: number, day });
    }
  }
  return all;
}

/** Numbers of weeks once each, in order. */
export function weeksOf(days: readonly BlockDay[]): number[] {
  return [...new Set(days.map(({ week }) => week))];
}

/** Dates in order. */
export function datesOf(days: readonly BlockDay[]): string[] {
  return days.map(({ day }) => day.date);
}
