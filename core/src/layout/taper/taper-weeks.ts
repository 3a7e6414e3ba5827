import { taperSchools } from '../schools/index.js';
import { type CalendarWeek, type CivilDate, differenceInDays, sum } from '../../base/index.js';
import type { RaceRules } from '../../rules/index.js';
import type { TaperSpec } from '../../spec/index.js';

/**
 * Each week's part of the heaviest week, 0–1, as the taper has it: the mean of
 * its days' shares, race day and the days after counting nothing. 1 before the
 * taper. A short block tapers for half of its weeks at most. Where the coach
 * sets the depth, every cut of the school is scaled so that race week's is it,
 * as far as the days before the race leave room.
 */
export function taperShares(
  weeks: readonly CalendarWeek[],
  raceOn: CivilDate,
  race: RaceRules,
  { school, depth }: TaperSpec,
): number[] {
  const { share } = taperSchools[school];
  const longest = Math.max(1, Math.floor(weeks.length / 2));
  const shares = weeks.map(({ start, length, toGo }) => {
    if (toGo >= longest) return 1;
    const daysOut = Array.from({ length }, (_, day) => differenceInDays(raceOn, start) - day);
    return sum(daysOut.map((days) => (days > 0 ? share(days, race) : 0))) / 7;
  });
  if (depth === undefined) return shares;
  const last = weeks.at(-1);
  const room = last ? Math.min(7, Math.max(0, differenceInDays(raceOn, last.start))) / 7 : 0;
  const own = room - (shares.at(-1) ?? 0);
  if (own <= 0) return shares;
  const scale = Math.max(0, (room - (1 - depth)) / own);
  return shares.map((each, index) => {
    const whole = index === weeks.length - 1 ? room : 1;
    return Math.max(0, whole - (whole - each) * scale);
  });
}
