import { addDays, type CivilDate } from '../base/index.js';
import { type HouseRules, raceRules } from './house-rules.js';

/** What a goal race asks for once it has been run. */
export interface AfterRace {
  /** Days after it without anything hard, and the last of them. */
  quietDays: number;
  quietUntil: CivilDate;
  /** Weeks to the next goal race at the least, and the day of it. */
  weeksToNext: number;
  nextFrom: CivilDate;
}

/** By the house rules for races of its distance (policy). */
export function afterRace(
  rules: HouseRules,
  { date, distance }: { date: CivilDate; distance: number },
): AfterRace {
  const { tuneUp, weeksToNext } = raceRules(rules, distance);
  return {
    quietDays: tuneUp.daysAfter,
    quietUntil: addDays(date, tuneUp.daysAfter),
    weeksToNext,
    nextFrom: addDays(date, 7 * weeksToNext),
  };
}
