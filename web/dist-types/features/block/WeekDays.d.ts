import type { LaidAndShown } from '../../parts/useLaidBlock.js';
/** The seven days of the selected week, under the Ledger. */
export declare function WeekDays({
  block,
  shown,
  week: number,
}: LaidAndShown & {
  week: number;
}): import('react').JSX.Element | null;
