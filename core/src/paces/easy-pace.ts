import type { CivilDate } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type DayTimes, dayTimes } from './day-times.js';
import { defaultPacesOf } from './default-paces.js';
import type { PaceSubject } from './fitness.js';
import type { TimeFor } from './model.js';
import { guessedLoose, type LoosePace } from './guessed-pace.js';
import { middleOf, rangeOf } from './pace-range.js';

/**
 * Easy pace by day in seconds per kilometre, to whole 5 s: the middle of the
 * coach’s pace `easy`, or of the product’s where the coach has taken it out; a
 * guess where nothing tells it. In recovery weeks the pace `recovery`, which is
 * 35 to 40 s/km slower unless the coach has it otherwise.
 *
 * @example 10 km in 40:30 predicts a marathon at 265 s/km, so easy is 335 s/km (5:35).
 */
export function easyPaces(
  subject: PaceSubject,
  rules: HouseRules,
  times: DayTimes = dayTimes(subject, rules),
  id: LoosePace = 'easy',
): (day: CivilDate) => number {
  const usual = defaultPacesOf(subject.engine);
  const named = [...subject.paces.table, ...usual].find((pace) => pace.id === id);
  const known = new Map<TimeFor | undefined, number>();
  return (day) => {
    const used = times(day);
    const pace = known.get(used) ?? paceAt(used);
    known.set(used, pace);
    return pace;
  };

  function paceAt(used: TimeFor | undefined): number {
    const range = used && named && rangeOf(named, used);
    return range ? 5 * Math.round(middleOf(range) / 5) : guessedLoose(subject.athlete, id);
  }
}
