import { type CivilDate, weekdayOf } from '../index.js';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A date as a coach says it: `2027-03-02` is `Tue 2 Mar`. */
export function dayWords(date: CivilDate): string {
  const weekday = weekdayOf(date);
  return `${weekday.charAt(0).toUpperCase()}${weekday.slice(1, 3)} ${dayAndMonth(date)}`;
}

/** With its year: `2027-03-02` is `Tue 2 Mar 2027`. */
export function dateWords(date: CivilDate): string {
  return `${dayWords(date)} ${date.slice(0, 4)}`;
}

/** From one day to another: `1–7 Mar`, `29 Mar–4 Apr`. */
export function daySpan(from: CivilDate, to: CivilDate): string {
  const isOneMonth = from.slice(0, 7) === to.slice(0, 7);
  const first = isOneMonth ? String(Number(from.slice(8))) : dayAndMonth(from);
  return from === to ? dayAndMonth(to) : `${first}–${dayAndMonth(to)}`;
}

/** `2027-03-02` is `2 Mar`. */
export function dayAndMonth(date: CivilDate): string {
  return `${Number(date.slice(8))} ${MONTHS[Number(date.slice(5, 7)) - 1] ?? ''}`;
}
