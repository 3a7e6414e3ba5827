import type { CivilDate } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type PaceSubject, fitnessOn, goalTimes, pacedOn } from './fitness.js';
import type { TimeFor } from './model.js';
import { timesOn } from './paces-on.js';

/** The times that a day’s paces come from; undefined with neither a result nor a goal. */
export type DayTimes = (day: CivilDate) => TimeFor | undefined;

/** The times that sessions use day by day: one fit for all the days between two re-pacings. */
export function dayTimes(subject: PaceSubject, rules: HouseRules): DayTimes {
  const fits = new Map<CivilDate, ReturnType<typeof fitOn>>();
  const walks = subject.paces.aim === 'walk';
  const known = new Map<CivilDate, TimeFor | undefined>();
  return (day) => {
    const paced = pacedOn(subject, day);
    // Only on the way to the goal is every day its own.
    const key = walks ? day : paced;
    if (known.has(key)) return known.get(key);
    const { fitness, goal } = fits.get(paced) ?? fitOn(paced);
    const times = timesOn(subject, fitness, goal, day);
    known.set(key, times);
    return times;
  };

  function fitOn(paced: CivilDate) {
    const fitness = fitnessOn(subject, rules, paced);
    const fit = { fitness, goal: goalTimes(subject, fitness) };
    fits.set(paced, fit);
    return fit;
  }
}
