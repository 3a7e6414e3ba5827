import { type CivilDate } from '@nadir/core';
/** `2027-04-18` → `18 Apr`. */
export declare function formatDayAndMonth(date: CivilDate): string;
/** `2027-04-18` → `Sun 18 Apr 2027`. */
export declare function formatDay(date: CivilDate): string;
/** `2027-04-18` → `Sun`. */
export declare function shortWeekday(date: CivilDate): string;
/** Whole weeks and days from `today` to the race: `9 weeks 4 days`; `race day`; `3 days ago`. */
export declare function timeToGo(today: CivilDate, race: CivilDate): string;
export declare function plural(count: number, noun: string): string;
/** A moment as the clock on the wall shows it: `09:14`. */
export declare function formatClock(instant: string): string;
