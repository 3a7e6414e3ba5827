import { type CivilDate, differenceInDays } from '../../base/index.js';
import type { DoneState } from '../../record/index.js';
import type { Review } from '../../review/index.js';

/** What became of the days before today, of one athlete of many: no word of health. */
export interface Lately {
  /** The days of the block before today, oldest first, at most fourteen. */
  days: DoneState[];
  /** Days since the last one of which something is recorded, 0 for today; null where nothing is. */
  ago: number | null;
}

const MOST = 14;

/** The last fourteen days before today, and how long ago something was recorded. */
export function latelyOf({ days, entries }: Review, today: CivilDate): Lately {
  const before = days.filter(({ day }) => day.date < today).slice(-MOST);
  const last = entries
    .map(({ date }) => date)
    .sort()
    .at(-1);
  return {
    days: before.map(({ done }) => done.state),
    ago: last === undefined ? null : differenceInDays(today, last),
  };
}
