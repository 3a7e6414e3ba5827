import { taperSchools } from '../schools/index.js';
import { type CalendarWeek, type CivilDate, differenceInDays, sum } from '../../base/index.js';
import type { RaceRules } from '../../rules/index.js';
import type { TaperSpec } from '../../spec/index.js';

/** What the taper leaves of a week and of the runs of its days, against the heaviest week: 0–1. */
export interface TaperShares {
  /** The mean of its days, race day and the days after counting nothing. */
  week: number;
  /** Of the run on each of its days; 1 before the taper, 0 from race day on. */
  days: number[];
}

/**
 * What the school leaves of every run. A short block tapers for half of its
 * weeks at most. Where the coach sets the depth, every cut of the school is
 * scaled so that the runs before the race are cut by it.
 */
export function taperShares(
  weeks: readonly CalendarWeek[],
  raceOn: CivilDate,
  race: RaceRules,
  { school, depth }: TaperSpec,
): TaperShares[] {
  const { share } = taperSchools[school];
  const longest = Math.max(1, Math.floor(weeks.length / 2));
  const shares = weeks.map(({ start, length, toGo }) => {
    const first = differenceInDays(raceOn, start);
    return Array.from({ length }, (_, day) => {
      if (first - day <= 0) return 0;
      return toGo >= longest ? 1 : share(first - day, race);
    });
  });
  const scale = depth === undefined ? 1 : scaleTo(depth, shares.at(-1) ?? []);
  return shares.map((days) => {
    const scaled = days.map((each) => (each === 0 ? 0 : Math.max(0, 1 - (1 - each) * scale)));
    // A short first week counts as a whole one does.
    const whole = scaled.every((each) => each === 1);
    return { week: whole ? 1 : sum(scaled) / 7, days: scaled };
  });
}

/** What every cut is multiplied by, so that the days before the race are cut by `depth` in the mean. */
function scaleTo(depth: number, raceWeek: readonly number[]): number {
  const days = raceWeek.filter((each) => each > 0);
  const own = sum(days.map((each) => 1 - each)) / days.length;
  return own > 0 ? depth / own : 1;
}
