import { memoizeLast } from '../../base/index.js';
import type { Observation } from './check.js';
import { type Block, type Day, isHardRunning } from '../../layout/block/index.js';

function isHardDay(day: Pick<Day, 'role' | 'swap' | 'hardTime'>): boolean {
  const long = day.swap === undefined && (day.role === 'long' || day.role === 'race');
  return long || isHardRunning(day);
}

/** A day of the block with the number of its week. */
export interface BlockDay {
  week: number;
  day: Day;
  /** Asks for rest before it and easy running after it. */
  hard: boolean;
}

/** The days up to race day, in order; gone through by many checks of the same block. */
export const daysToRace = memoizeLast(({ weeks, spec }: Block): readonly BlockDay[] => {
  const all: BlockDay[] = [];
  for (const { number, days } of weeks) {
    for (const day of days) {
      if (day.date <= spec.race.date) {
        all.push({ week: number, day, hard: isHardDay(day) });
      }
    }
  }
  return all;
});

/** Days that a check finds, week by week. Value: days; limit: none. */
export function dayByWeek(found: readonly BlockDay[]): Observation[] {
  return weeksOf(found).map((number) => {
    const days = found.filter(({ week }) => week === number);
    return { weeks: [number], dates: datesOf(days), value: days.length, limit: 0 };
  });
}

/** Numbers of weeks once each, in order. */
export function weeksOf(days: readonly BlockDay[]): number[] {
  return [...new Set(days.map(({ week }) => week))];
}

/** Dates in order. */
function datesOf(days: readonly BlockDay[]): string[] {
  return days.map(({ day }) => day.date);
}
