import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { dayAndMonth, dayWords, plural } from '@nadir/core/base/format';

/** `2027-04-18` → `18 Apr`. */
export function formatDayAndMonth(date: CivilDate): string {
  return dayAndMonth(date);
}

/** `2027-04-18` → `Sun 18 Apr 2027`. */
export function formatDay(date: CivilDate): string {
  return `${dayWords(date)} ${date.slice(0, 4)}`;
}

/** `2027-04-18` → `Sun`. */
export function shortWeekday(date: CivilDate): string {
  return dayWords(date).slice(0, 3);
}

/** Whole weeks and days from `today` to the race: `9 weeks 4 days`; `race day`; `3 days ago`. */
export function timeToGo(today: CivilDate, race: CivilDate): string {
  const days = differenceInDays(race, today);
  if (days === 0) return 'race day';
  const weeks = Math.floor(Math.abs(days) / 7);
  const rest = Math.abs(days) % 7;
  const parts = [weeks > 0 && plural(weeks, 'week'), rest > 0 && plural(rest, 'day')];
  return `${parts.filter(Boolean).join(' ')}${days < 0 ? ' ago' : ''}`;
}

/** Made once: the locale's data take longer to find than a page to draw. */
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** A moment as the clock on the wall shows it: `09:14`, `00:05`. */
export function formatClock(instant: string): string {
  return clock.format(new Date(instant));
}
