import type { Result } from '../spec/choices/index.js';
import type { CivilDate } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type PaceSubject, fitnessOn, pacedOn } from './fitness.js';
import { type GoalGap, goalGap } from './goal-gap.js';

/** What a result says beyond itself. */
export interface ResultNews {
  result: Result;
  /** Seconds it predicts at the goal distance; undefined where it was held back. */
  predicts: number | undefined;
  /** Seconds that is over (+) or under the prediction before it. */
  since: number | undefined;
  /** Against the goal, from its day on; undefined without a goal time. */
  gap: GoalGap | undefined;
  /** True where days are left to run, at paces that still rest on older results. */
  pending: boolean;
}

/**
 * What the newest full result says: the time it predicts, the change since the
 * one before, whether the goal is in reach, and whether paces rest on it yet.
 *
 * @param today the day the gap to the goal is told for, once it has come
 * @returns undefined without a full result
 */
export function newsOf(
  subject: PaceSubject,
  rules: HouseRules,
  today?: CivilDate,
): ResultNews | undefined {
  const full = subject.athlete.results
    .filter((result) => result.full !== false)
    .sort((a, b) => b.date.localeCompare(a.date) || b.distance - a.distance);
  const [result, before] = full;
  if (!result) return undefined;
  const at = (day: string): PaceSubject => ({
    ...subject,
    paces: { ...subject.paces, repaced: [day] },
  });
  const { distance } = subject.race;
  const timeOn = (day: string) => {
    const time = fitnessOn(at(day), rules, day)?.timeFor(distance);
    return time !== undefined && Number.isFinite(time) ? time : undefined;
  };
  const predicts = timeOn(result.date);
  const earlier = before && before.date < result.date ? timeOn(before.date) : undefined;
  const day = later(result.date, today);
  return {
    result,
    predicts,
    since: predicts !== undefined && earlier !== undefined ? predicts - earlier : undefined,
    gap: goalGap(at(result.date), rules, day),
    // From race day on nothing is left to be run at other paces.
    pending: day < subject.race.date && result.date > pacedOn(subject, subject.race.date),
  };
}

function later(date: CivilDate, today: CivilDate | undefined): CivilDate {
  return today !== undefined && today > date ? today : date;
}
