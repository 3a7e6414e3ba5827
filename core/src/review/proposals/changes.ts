import { dayWords } from '../../base/format/index.js';
import { addDays, type CivilDate, metresPer } from '../../base/index.js';
import { type Block, type Day, mainOf, type Week } from '../../layout/block/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import type { Review } from '../done/review-block.js';

/** Days of a block from a date on, up to and with another. */
export function daysFrom({ weeks }: Block, from: CivilDate, to: CivilDate): Day[] {
  return weeks.flatMap(({ days }) => days).filter(({ date }) => date >= from && date <= to);
}

/** The first day that a change may touch: tomorrow where today is recorded, else today. */
export function firstOpenDay({ days, today }: Review): CivilDate {
  const last = days.at(-1);
  const isRecorded = last?.day.date === today && last.entries.length > 0;
  return isRecorded ? addDays(today, 1) : today;
}

/** Days on which a race or a test stands. */
export const PLACED: ReadonlySet<Day['role']> = new Set(['race', 'tune-up', 'test']);

/** Nothing hard on these days: key sessions become easy runs, long runs are run easy. What is placed stays, and is said. */
export function withoutHard(
  { spec }: Pick<Block, 'spec'>,
  days: readonly Day[],
): { days: FixedDay[]; isChanged: boolean } {
  const hard = days.filter((day) => day.hardTime > 0 && !day.swap && !PLACED.has(day.role));
  const eased = hard.reduce<FixedDay[]>(
    (kept, day) =>
      withFixedDay(kept, day.date, {
        ...(day.role === 'long'
          ? { session: easyText(day, spec.athlete) }
          : { role: 'easy', session: undefined }),
        follow: undefined,
        amount: undefined,
      }),
    [...spec.days],
  );
  return { days: eased, isChanged: hard.length > 0 };
}

/** The same length without what was quick in it. */
function easyText(day: Day, athlete: Block['spec']['athlete']): string {
  const long = mainOf(day) ?? day;
  return easyWords(athlete.basis === 'time' ? long.time : long.distance, athlete);
}

/** So much easy running in shorthand, m or s as the athlete counts. */
export function easyWords(amount: number, { basis, unit }: Block['spec']['athlete']): string {
  return basis === 'time'
    ? `${Math.round(amount / 60)} min easy`
    : `${Number((amount / metresPer(unit)).toFixed(1))} ${unit} easy`;
}

/** A sentence for races and tests that stand on days without anything hard; empty where none does. */
export function placedWords(days: readonly Day[]): string {
  const placed = days.filter(({ role }) => role === 'tune-up' || role === 'test');
  if (placed.length === 0) return '';
  const names = placed.map(({ date }) => dayWords(date)).join(', ');
  return ` What is placed on ${names} stands: move it under Races & days away.`;
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
