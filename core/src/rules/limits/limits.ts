import { type Basis, ceilTo, clean, floorTo, metresPer, type Unit } from '../../base/index.js';
import { type HouseRules, raceRules } from '../house-rules.js';

/**
 * Each limit that the layout keeps, a check measures and the solver takes as a
 * row: stated once, here. Amounts are m or s, as the block counts.
 */

/** The most a building week may be after one of `last`. */
export function growthLimit(last: number, cap: number): number {
  return last * (1 + cap);
}

/** The most a week may be that counts as recovering from one of `last`. */
export function recoveryLimit(last: number, depth: number): number {
  return last * (1 - depth);
}

/** The most a week may be after a recovery week of `rested`. */
export function returnLimit(rested: number, { recovery }: HouseRules): number {
  return rested * (1 + recovery.mostReturn);
}

/** Part of the longest long run that a run of the last days before the race may be (policy). */
const NEAR_RACE = 0.4;

/** The most an easy run of the last six days before the race may be, by the longest long run; the shortest run always may. */
export function nearRaceLimit(longest: number, shortest: number): number {
  return Math.max(NEAR_RACE * longest, shortest);
}

/** Seconds of any run but the long one in the quiet days before the race, at most (policy). */
export const LONGEST_IN_QUIET_DAYS = 90 * 60;

/** Days before the race with nothing hard or long: the house rule, for a short race as long as its taper. */
export function quietDays(rules: HouseRules, distance: number): number {
  return Math.min(rules.taper.quietDays, raceRules(rules, distance).taperDays.least);
}

/** The shortest run that is laid out, in whole steps; m or s. */
export function shortestRun({ week }: HouseRules, basis: Basis, step: number): number {
  return ceilTo(week.shortestRun[basis], step);
}

/** A metre of running as a block counts it: 1 by distance, seconds by time at a pace in s/km. */
export function perMetreOf(basis: Basis, pace: number): number {
  return basis === 'time' ? pace / 1000 : 1;
}

/** A week as its long run is held against it. */
export interface WeekOfLongRun {
  /** m or s. */
  volume: number;
  runDays: number;
  /** Metres of the goal race. */
  raced: number;
  /** The block's own amount in a metre of running. */
  perMetre: number;
}

const USUAL_RUN_DAYS = 5;

/** The part of a week at which its long run leaves every other run at the house rule's part of it. */
export function leastLongRunShare(runDays: number, { week }: HouseRules): number {
  return 1 / (1 + week.mostOfLongRun * Math.max(0, runDays - 1));
}

/** What an amount of whole miles may gain by being kept in whole metres. */
const ROUNDED = 0.5;

/** The shortest long run, in whole steps, beside which runs of whole steps hold the rest of a week. */
export function leastLongRun(
  volume: number,
  runDays: number,
  step: number,
  rules: HouseRules,
): number {
  const others = Math.max(0, runDays - 1);
  const asked = Math.max(0, volume - ROUNDED);
  let longRun = ceilTo(asked * leastLongRunShare(runDays, rules), step);
  const holds = () => longRun + others * floorTo(rules.week.mostOfLongRun * longRun, step);
  // Rounding down takes less than a step from each of the others.
  for (let more = 0; more < others && holds() < asked; more++) longRun += step;
  return clean(longRun);
}

/**
 * The part of a week its long run may take: 30%, five points more in a light
 * week, for each run day short of five, and before a marathon; half at most, and
 * never so little that other runs would have to come too near it.
 */
export function longRunShareLimit(
  { volume, runDays, raced, perMetre }: WeekOfLongRun,
  rules: HouseRules,
): number {
  const { longRun } = rules;
  const light = volume < longRun.lightWeek * perMetre ? longRun.lightWeekExtra : 0;
  const few = Math.max(0, USUAL_RUN_DAYS - runDays) * longRun.fewDaysExtra;
  const race = raceRules(rules, raced).longRunShareExtra;
  const allowed = Math.min(longRun.mostShare, longRun.share + light + few + race);
  return Math.max(allowed, leastLongRunShare(runDays, rules));
}

/** Days that a peak long run may stand nearer to the race than the whole weeks asked for (policy). */
const LEEWAY_TO_PEAK = 2;

/** The least days from a peak long run to the race, by the weeks asked for. */
export function leastDaysToPeak(weeksOut: number): number {
  return 7 * weeksOut - LEEWAY_TO_PEAK;
}

/** The longest a long run may be by time on feet, at a pace in s/km. */
export function longRunTimeLimit(basis: Basis, { longRun }: HouseRules, pace: number): number {
  return basis === 'time' ? longRun.mostTime : (longRun.mostTime / pace) * 1000;
}

/** How a block counts, where a limit is a plain distance. */
export interface Counting {
  unit: Unit;
  /** The block's own amount in a metre of running. */
  perMetre: number;
}

/**
 * The longest a long run may be after one of `longest`: 10% or 3 km more, whichever
 * is larger. The distance is a whole one of the athlete's own: 3 km are 2 miles.
 */
export function longRunGrowthLimit(
  longest: number,
  { longRun }: HouseRules,
  { unit, perMetre }: Counting,
): number {
  const mile = metresPer('mi');
  const inMiles = Math.max(1, Math.round(longRun.growthDistance / mile)) * mile;
  const byDistance = (unit === 'mi' ? inMiles : longRun.growthDistance) * perMetre;
  return Math.max(longest * (1 + longRun.growthShare), longest + byDistance);
}

/** Metres of a week from which on more running bears no larger session (policy). */
export const LARGE_WEEK = 110_000;

/** Days of rest in a week over which they cannot all stand well. */
export const MANY_RESTS = 2;

/** Days before the race that are composed back from it, wherever the week edge lies (policy). */
export const LAST_DAYS = 6;

/** Days into a week from which its second half begins. */
export const HALF_WEEK = 3;

/** A race or a test on the way. */
interface OnTheWay {
  kind: string;
  /** Metres; none is the shortest there is. */
  distance?: number | undefined;
}

/**
 * Days from one race or test on the way to the next that leave the first its easy days
 * and the second its own before, the days they are run on not counted. A test asks for
 * its eve.
 */
export function leastDaysApart(earlier: OnTheWay, later: OnTheWay, rules: HouseRules): number {
  const { daysAfter } = raceRules(rules, earlier.distance ?? 0).tuneUp;
  const { daysBefore } = raceRules(rules, later.distance ?? 0).tuneUp;
  return daysAfter + (later.kind === 'test' ? 1 : daysBefore) + 1;
}
