import { runDaysOf } from '../../spec/cycle.js';
import { type HouseRules, raceRules } from '../../rules/house-rules.js';
import type { Wishes } from '../../spec/block-spec.js';

const USUAL_RUN_DAYS = 5;

/** The wishes that bear on a long run's limits. */
interface Bearing {
  athlete: Pick<Wishes['athlete'], 'basis'>;
  race: Pick<Wishes['race'], 'distance'>;
  week: Pick<Wishes['week'], 'runDays' | 'days'>;
}

/** A metre of running as this block counts it: 1 by distance, seconds by time. */
export function perMetre(wishes: Pick<Bearing, 'athlete'>, pace: number): number {
  return wishes.athlete.basis === 'time' ? pace / 1000 : 1;
}

/**
 * The part of a week its long run may take: 30 %, five points more in a light
 * week, for each run day short of five, and before a marathon; half at most.
 *
 * @param volume the week's volume, m or s
 * @param pace easy pace, s/km
 */
export function longRunShareLimit(
  wishes: Bearing,
  rules: HouseRules,
  volume: number,
  pace: number,
): number {
  const { longRun } = rules;
  const light = volume < longRun.lightWeek * perMetre(wishes, pace) ? longRun.lightWeekExtra : 0;
  const few = Math.max(0, USUAL_RUN_DAYS - runDaysOf(wishes.week)) * longRun.fewDaysExtra;
  const race = raceRules(rules, wishes.race.distance).longRunShareExtra;
  return Math.min(longRun.mostShare, longRun.share + light + few + race);
}

/** The longest long run by time on feet, in the block's own m or s. */
export function longRunTimeLimit(wishes: Wishes, { longRun }: HouseRules, pace: number): number {
  return wishes.athlete.basis === 'time' ? longRun.mostTime : (longRun.mostTime / pace) * 1000;
}

/** The longest a long run may be after one of `last`: 10 % or 3 km more, whichever is larger. */
export function longRunGrowthLimit(
  wishes: Wishes,
  { longRun }: HouseRules,
  last: number,
  pace: number,
): number {
  const byDistance = longRun.growthDistance * perMetre(wishes, pace);
  return Math.max(last * (1 + longRun.growthShare), last + byDistance);
}
