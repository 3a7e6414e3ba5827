import { addDays, type CivilDate } from '../../base/index.js';
import type { Week } from '../../layout/block/index.js';
import type { Review } from './review-block.js';

/** The first day that a change may touch: tomorrow where today is recorded, else today. */
export function firstOpenDay({ days, today }: Review): CivilDate {
  const last = days.at(-1);
  const isRecorded = last?.day.date === today && last.entries.length > 0;
  return isRecorded ? addDays(today, 1) : today;
}

/** Weeks that have not begun, the race’s own left out. */
export function weeksToCome(review: Review): Week[] {
  const from = firstOpenDay(review);
  return review.block.weeks.filter(({ start, toGo }) => start >= from && toGo > 0);
}

/** Those of them that can be climbed from: races, days away and illness take nothing from them. */
export function wholeWeeksToCome(review: Review): Week[] {
  return weeksToCome(review).filter(({ running }) => running >= 1);
}
