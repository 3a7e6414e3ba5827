import { type HouseRules, raceRules } from '../../rules/house-rules.js';
import { perMetre } from '../longrun/limits.js';
import { sum } from '../../base/apportion.js';
import { layoutStep } from '../../rules/layout-step.js';
import { floorTo, roundTo } from '../../base/round.js';
import type { Athlete, Given, Race, VolumeWish, WeekWish } from '../../spec/block-spec.js';

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
/** Policy: one already above the usual peak still has a little to build. */
const LEAST_RISE = 1.1;
/** Metres or seconds that a block starts from at the least: growth is a part of something. */
export const LEAST_START = { distance: 1000, time: 300 } as const;
/** Real weeks the starting volume is the mean of. */
const RECENT_WEEKS = 4;

/** The part of a volume wish that decides how often it may rise. */
type Cadence = Pick<VolumeWish, 'recovery' | 'holdAtPeak' | 'peakWeek'>;

/**
 * Starting volume, peak, weeks held, growth and recovery, where not given.
 *
 * @param countRises rises up to the first peak week; asked only when no peak is given
 */
export function suggestVolume(
  { given, rules, athlete, race, weeks, pace, week }: Suggestion,
  countRises: (cadence: Cadence) => number,
): VolumeWish {
  const wish = given.volume;
  const unit = layoutStep(athlete, rules);
  const usualPeak = raceRules(rules, race.distance).peakVolume.usual * perMetre({ athlete }, pace);
  const recent = athlete.recentWeeks.slice(-RECENT_WEEKS);
  const held = recent.length > 0 ? sum(recent) / recent.length : usualPeak * UNKNOWN_START;
  const start = wish?.start ?? Math.max(LEAST_START[athlete.basis], roundTo(held, unit));
  const holdAtPeak = wish?.holdAtPeak ?? (weeks >= 12 ? 2 : 1);
  const cap = wish?.growth?.cap ?? rules.volume.growthCap;
  const recovery = {
    every: wish?.recovery?.every ?? rules.recovery.every,
    depth: wish?.recovery?.depth ?? rules.recovery.depth,
    reEntry: wish?.recovery?.reEntry ?? 'resume',
    weeks: wish?.recovery?.weeks,
  };
  const peakWeek = wish?.peakWeek;
  return {
    start,
    peak: wish?.peak ?? suggestPeak(),
    holdAtPeak,
    peakWeek,
    growth: {
      school: wish?.growth?.school ?? 'percentage',
      cap,
      step: wish?.growth?.step ?? week.runDays * unit,
      hold: wish?.growth?.hold ?? 3,
    },
    recovery,
  };

  function suggestPeak(): number {
    const reachable = start * (1 + cap) ** countRises({ recovery, holdAtPeak, peakWeek });
    const rise = athlete.oftenHurt ? OFTEN_HURT_RISE : MOST_RISE;
    const wanted = Math.max(Math.min(usualPeak, start * rise), start * LEAST_RISE);
    return Math.max(start, floorTo(Math.min(wanted, reachable), unit));
  }
}
