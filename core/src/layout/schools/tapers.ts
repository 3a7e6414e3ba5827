import type { TaperSchoolName } from '../../spec/choices/index.js';
import type { RaceRules } from '../../rules/index.js';
import { LAST_DAYS } from '../../rules/limits/index.js';

export interface TaperSchool {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /** Usual cut of the race week's running against the heaviest week: least and most. */
  raceWeekCut: readonly [least: number, most: number];
  /**
   * What is left of a run, against the same weekday of the heaviest week.
   *
   * @param daysOut whole days before race day, 1 for the day before
   * @returns 0–1; exactly 1 before the taper begins
   */
  share: (daysOut: number, race: RaceRules) => number;
}

export const taperSchools: Readonly<Record<TaperSchoolName, TaperSchool>> = {
  'three-steps': {
    title: 'Three steps',
    why: 'Three plain cuts a coach can say out loud; the first week still feels like training.',
    raceWeekCut: [0.45, 0.75],
    share: (daysOut, race) => stepShare([0.9, 0.725, 0.5], daysOut, race),
  },
  'even-trim': {
    title: 'Even trim',
    why: 'Small bits off every run keep the rhythm; legs may stay a little heavy.',
    raceWeekCut: [0.2, 0.5],
    share: (daysOut, race) => stepShare([0.75, 0.7], daysOut, race),
  },
  'long-descent': {
    title: 'Long descent',
    why: 'Three deep cuts for high volume; too much rest for those who run little.',
    raceWeekCut: [0.5, 0.75],
    share: (daysOut, race) => stepShare([0.775, 0.6, 0.4], daysOut, race),
  },
  evidence: {
    title: 'Exponential',
    why: 'The curve best supported by trials: steep at first, then flat; race week feels very light.',
    raceWeekCut: [0.45, 0.8],
    share: exponentialShare,
  },
};

/**
 * Weekly cuts, the last of them on the six days before the race. The earlier steps share the rest of the distance's longest taper, a week each at
 * most (marathon: 7, 7 and 6 days; 10 km: 2, 2 and 6).
 */
function stepShare(weekly: readonly number[], daysOut: number, race: RaceRules): number {
  const last = weekly.at(-1) ?? 1;
  const earlier = weekly.slice(0, -1);
  if (daysOut <= LAST_DAYS) return last;
  const days = Math.min(7, Math.floor((race.taperDays.most - LAST_DAYS) / earlier.length));
  const step = Math.floor((daysOut - LAST_DAYS - 1) / days);
  return earlier.at(-1 - step) ?? 1;
}

/**
 * Exponential decay over 8–13 days with a mean of half the heaviest volume.
 *
 * Source: L. Bosquet et al., "Effects of tapering on performance: a
 * meta-analysis", Med. Sci. Sports Exerc. 39 (2007): two weeks, volume cut by
 * 41–60%, intensity and frequency held; I. Mujika and S. Padilla, Med. Sci.
 * Sports Exerc. 35 (2003): progressive, non-linear.
 */
function exponentialShare(daysOut: number, race: RaceRules): number {
  const days = Math.min(13, Math.max(8, race.taperDays.most));
  if (daysOut > days) return 1;
  // (1 − e^−x)/x = 0.5 has its root at x = 1.5936: a mean of one half over the taper.
  const decay = 1.5936;
  return Math.exp((-decay * (days - daysOut + 0.5)) / days);
}
