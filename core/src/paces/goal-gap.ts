import { type CivilDate, differenceInDays } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type PaceSubject, fitnessOn } from './fitness.js';

/** How far current fitness is from the goal. */
export interface GoalGap {
  /** Seconds per km at race distance. */
  current: number;
  goal: number;
  /** Part by which the pace must quicken; negative when the goal is slower than today. */
  share: number;
  /** Weeks from the day asked about to the race. */
  weeks: number;
  /** Part that so many weeks may close, by the house rule: a rule of thumb. */
  reachable: number;
  within: boolean;
}

/** Part of a pace that a prediction may be out by: a goal so near is as good as reached (policy). */
const AS_GOOD_AS_REACHED = 0.01;

const WEEKS_A_MONTH = 365.25 / 12 / 7;

/**
 * The gap between current fitness and the goal, and what the weeks left may
 * close at the house rule’s improvement a month (policy; a rule of thumb).
 *
 * @returns undefined without a result, without a goal time, or where the model says nothing
 */
export function goalGap(
  subject: PaceSubject,
  rules: HouseRules,
  day: CivilDate,
): GoalGap | undefined {
  const { distance, goalTime, date } = subject.race;
  const time = fitnessOn(subject, rules, day)?.timeFor(distance);
  if (goalTime === undefined || time === undefined || !Number.isFinite(time)) return undefined;
  const share = 1 - goalTime / time;
  const weeks = Math.max(0, differenceInDays(date, day) / 7);
  const reachable = (weeks / WEEKS_A_MONTH) * rules.paces.improvement;
  return {
    current: (time / distance) * 1000,
    goal: (goalTime / distance) * 1000,
    share,
    weeks,
    reachable,
    within: share <= Math.max(reachable, AS_GOOD_AS_REACHED) + 1e-9,
  };
}
