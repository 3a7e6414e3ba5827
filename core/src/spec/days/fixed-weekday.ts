import type { Weekday } from '../../base/index.js';
import type { PhaseKind } from '../choices/index.js';
import type { FixedDay } from './fixed-day.js';

/** A weekday that is the same week after week; a date of it that the coach fixed goes over it. */
export interface FixedWeekday extends Omit<FixedDay, 'date' | 'follow' | 'swap'> {
  weekday: Weekday;
  /** Phases it holds in; all of them when left out. */
  phases?: PhaseKind[] | undefined;
  /** Numbers of the weeks it holds in; all when left out. */
  weeks?: number[] | undefined;
}

/** A week that weekdays are fixed in. */
interface WeekOfPhase {
  number: number;
  phase: PhaseKind;
}

/** What is fixed of a weekday in a week; of two that hold there, the later. */
export function fixedWeekdayOf(
  fixed: readonly FixedWeekday[],
  weekday: Weekday,
  { number, phase }: WeekOfPhase,
): FixedWeekday | undefined {
  return fixed.findLast(
    (each) =>
      each.weekday === weekday &&
      (each.phases?.includes(phase) ?? true) &&
      (each.weeks?.includes(number) ?? true),
  );
}
