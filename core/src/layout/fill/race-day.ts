import type { BlockEvent } from '../../spec/days/index.js';
import { clean, roundTo, shownUnit } from '../../base/index.js';
import { type HouseRules, raceRules } from '../../rules/index.js';
import type { Context } from '../context/context.js';
import { raceMetres } from '../events/event-days.js';

/** Policy: warming up, against the week that the block starts from. */
const MOST_OF_A_WEEK = 0.1;

/** The day of a race or test on the way. Amounts in m or s. */
export interface RaceDay {
  /** The race itself, metres and seconds. */
  metres: number;
  seconds: number;
  /** Easy running before it, and after it, as the block counts. */
  warmUp: number;
  /** All of it, as the block counts. */
  amount: number;
}

/** Warming up, the race, cooling down: by the race's distance, to half a unit or five minutes. */
export function raceDay(context: Context, race: BlockEvent): RaceDay {
  const { spec, rules, easyOn, sessionsOn, step } = context;
  const { basis } = spec.athlete;
  const metres = raceMetres(race);
  const seconds = Math.round((metres * sessionsOn(race.from).hardFrom) / 1000);
  const around = warmUpMetres(metres, rules);
  const half = basis === 'time' ? step : shownUnit(spec.athlete) / 2;
  const wished = basis === 'time' ? (around * easyOn(race.from)) / 1000 : around;
  const warmUp = roundTo(Math.min(wished, MOST_OF_A_WEEK * spec.volume.start), half);
  // By time the cooling down makes whole minutes of it.
  const amount = basis === 'time' ? roundTo(seconds + 2 * warmUp, step) : metres + 2 * warmUp;
  return { metres, seconds, warmUp, amount: clean(amount) };
}

/** Metres of warming up before a race of so many metres, and of cooling down after it. */
function warmUpMetres(metres: number, rules: HouseRules): number {
  return metres === 0 ? 0 : raceRules(rules, metres).tuneUp.warmUp;
}
