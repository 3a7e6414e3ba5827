import { type Day, isHardRunning } from '@nadir/core/layout/block';

/** How a day stands in its week: what is drawn over its head. */
export type DayWeight = 'easy' | 'hard' | 'long' | 'race';

export function weightOf(day: Pick<Day, 'role' | 'swap' | 'hardTime'>): DayWeight {
  if (day.role === 'race' || day.role === 'tune-up') return 'race';
  if (day.role === 'long' && day.swap === undefined) return 'long';
  return isHardRunning(day) ? 'hard' : 'easy';
}
