import type { CivilDate } from '../calendar/civil-date.js';
import type { HouseRules } from '../rules/house-rules.js';
import { defaultPaces } from './default-paces.js';
import { type PaceSubject, fitnessOn, goalTimes, pacedOn } from './fitness.js';
import { middleOf, rangeOf } from './named-pace.js';
import { timesOn } from './paces-on.js';

/** Policy: with neither a result nor a goal, a plain 6:00 /km. */
const WITHOUT_ANY_RESULT = 360;
const EASY = 'easy';

/**
 * Easy pace by day in seconds per kilometre, to whole 5 s: the middle of the
 * coach’s pace `easy`, or of the product’s where the coach has taken it out.
 *
 * @example 10 km in 40:30 predicts a marathon at 265 s/km, so easy is 335 s/km (5:35).
 */
export function easyPaces(subject: PaceSubject, rules: HouseRules): (day: CivilDate) => number {
  const named = [...subject.paces.table, ...defaultPaces].find(({ id }) => id === EASY);
  // One fit for all the days between two re-pacings.
  const fits = new Map<CivilDate, ReturnType<typeof fitOn>>();
  return (day) => {
    const paced = pacedOn(subject, day);
    const { fitness, goal } = fits.get(paced) ?? fitOn(paced);
    const times = timesOn(subject, fitness, goal, day);
    const range = times && named && rangeOf(named, times);
    return range ? 5 * Math.round(middleOf(range) / 5) : WITHOUT_ANY_RESULT;
  };

  function fitOn(paced: CivilDate) {
    const fitness = fitnessOn(subject, rules, paced);
    const fit = { fitness, goal: goalTimes(subject, fitness) };
    fits.set(paced, fit);
    return fit;
  }
}
