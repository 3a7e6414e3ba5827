import type { Review } from '../../review/index.js';
import type { ShownReview } from './show-review.js';

/** The last whole week of one athlete of many, in shown units: no word of health. */
export interface LastWeek {
  number: number;
  planned: number;
  run: number;
  longRun: { planned: number; run: number | null };
  hard: { planned: number; done: number };
  missed: number;
  /** Days of which nothing is recorded. */
  unknown: number;
  /** Minutes × effort. */
  load: number;
}

/** The last week that is over; null where nothing is recorded of it. */
export function lastWeekOf({ weeks }: Review, figures: ShownReview): LastWeek | null {
  const last = weeks.findLast(({ isOver }) => isOver);
  const shown = last && figures.weeks.get(last.week.number);
  if (!last || shown?.run === undefined) return null;
  return {
    number: last.week.number,
    planned: shown.planned,
    run: shown.run,
    longRun: { planned: shown.longRun.planned, run: shown.longRun.run ?? null },
    hard: last.hard,
    missed: last.days.filter(({ done }) => done.state === 'missed').length,
    unknown: last.unknown,
    load: Math.round(last.load),
  };
}
