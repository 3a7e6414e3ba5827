import { type CalendarWeek } from '../calendar/weeks.js';
import { type CivilDate, differenceInDays } from '../calendar/civil-date.js';
import { raceClass } from '../rules/race-class.js';
import { sum } from '../units/apportion.js';
import { type TaperSchoolName, taperSchools } from './schools.js';

/**
 * Each week's part of the heaviest week, 0–1, as the taper has it: the mean of
 * its days' shares, race day and the days after counting nothing. 1 before the
 * taper. A short block tapers for half of its weeks at most.
 */
export function taperShares(
  weeks: readonly CalendarWeek[],
  race: { date: CivilDate; distance: number },
  school: TaperSchoolName,
): number[] {
  const { share } = taperSchools[school];
  const distance = raceClass(race.distance);
  const longest = Math.max(1, Math.floor(weeks.length / 2));
  return weeks.map(({ start, length, toGo }) => {
    if (toGo >= longest) return 1;
    const daysOut = Array.from({ length }, (_, day) => differenceInDays(race.date, start) - day);
    return sum(daysOut.map((days) => (days > 0 ? share(days, distance) : 0))) / 7;
  });
}
