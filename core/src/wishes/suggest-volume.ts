import type { HouseRules } from '../rules/house-rules.js';
import { perMetre } from '../longrun/limits.js';
import { raceClass } from '../rules/race-class.js';
import { sum } from '../units/apportion.js';
import { layoutStep } from '../rules/layout-step.js';
import { roundTo } from '../units/round.js';
import type { Athlete, Given, Race, VolumeWish, WeekWish } from './wishes.js';

/** What a suggestion may look at. */
export interface Suggestion {
  given: Given;
  rules: HouseRules;
  athlete: Athlete;
  race: Race;
  weeks: number;
  /** Easy pace, s/km. */
  pace: number;
  week: WeekWish;
}

/** Policy: with no recent weeks known, start at half the distance's usual peak. */
const UNKNOWN_START = 0.5;
/** Policy: a block seldom takes an athlete past half as much again. */
const MOST_RISE = 1.5;
const OFTEN_HURT_RISE = 1.25;
/** Real weeks the starting volume is the mean of. */
const RECENT_WEEKS = 4;

/** Starting volume, peak, weeks held, growth and recovery, where not given. */
export function suggestVolume({
  given,
  rules,
  athlete,
  race,
  weeks,
  pace,
  week,
}: Suggestion): VolumeWish {
  const wish = given.volume;
  const unit = layoutStep(athlete, rules);
  const usualPeak = raceClass(race.distance).usualPeakVolume * perMetre({ athlete }, pace);
  const recent = athlete.recentWeeks.slice(-RECENT_WEEKS);
  const held = recent.length > 0 ? sum(recent) / recent.length : usualPeak * UNKNOWN_START;
  const start = wish?.start ?? roundTo(held, unit);
  const rise = athlete.oftenHurt ? OFTEN_HURT_RISE : MOST_RISE;
  // Half of the weeks can rise: the rest recover, hold and taper.
  const reachable = start * (1 + rules.volume.growthCap) ** Math.floor(weeks / 2);
  const wanted = Math.max(Math.min(usualPeak, start * rise), start * 1.1);
  return {
    start,
    peak: wish?.peak ?? Math.max(start, roundTo(Math.min(wanted, reachable), unit)),
    holdAtPeak: wish?.holdAtPeak ?? (weeks >= 12 ? 2 : 1),
    growth: {
      school: wish?.growth?.school ?? 'percentage',
      cap: wish?.growth?.cap ?? rules.volume.growthCap,
      step: wish?.growth?.step ?? week.runDays * unit,
      hold: wish?.growth?.hold ?? 3,
    },
    recovery: {
      every: wish?.recovery?.every ?? rules.recovery.every,
      depth: wish?.recovery?.depth ?? rules.recovery.depth,
      reEntry: wish?.recovery?.reEntry ?? 'resume',
    },
  };
}
