import { floorTo, roundTo } from '../../base/index.js';
import { type HouseRules, layoutStep, raceRules } from '../../rules/index.js';
import { perMetreOf } from '../../rules/limits/index.js';
import { type BlockSpec, isUnder18, type VolumeSpec } from '../../spec/index.js';
import type { Outline } from './outline.js';
import { recentVolume } from './recent-volume.js';
import { reach, suggestStep } from './suggest-growth.js';

/** What a suggestion may look at. */
export interface Suggestion {
  given: BlockSpec;
  rules: HouseRules;
  outline: Outline;
  /** Easy pace, s/km. */
  pace: number;
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

/**
 * Starting volume, peak and growth, where not given.
 *
 * @param countRises rises up to the first peak week; asked only where a peak or a step goes by them
 */
export function suggestVolume(of: Suggestion, countRises: () => number): VolumeSpec {
  const { given, rules, outline } = of;
  const { athlete, week } = outline;
  const wish = given.volume;
  const unit = layoutStep(athlete, rules);
  const most = mostOfTheYoung(of);
  const held = Math.min(most, roundTo(heldBefore(of), unit));
  const start = wish?.start ?? Math.max(LEAST_START[athlete.basis], held);
  const cap = wish?.growth?.cap ?? rules.volume.growthCap;
  const growth: VolumeSpec['growth'] = {
    school: wish?.growth?.school ?? 'percentage',
    cap,
    step: wish?.growth?.step ?? week.runDays * unit,
    hold: wish?.growth?.hold ?? 3,
    rises: wish?.growth?.rises ?? 3,
    wayBack: wish?.growth?.wayBack ?? cap / 2,
  };
  const isOwnStep = wish?.growth?.step !== undefined;
  const climb = { start, unit, growth, isOwnStep, of: outline };
  const peak = wish?.peak ?? suggestPeak(of, start, Math.min(most, reach(climb, countRises())));
  const step = suggestStep({ ...climb, peak, isOwnPeak: wish?.peak !== undefined }, countRises);
  return { ...outline.volume, start, peak, growth: { ...growth, step } };
}

/** The most that is suggested to an athlete under 18, in whole steps; no bound for others. */
function mostOfTheYoung({ rules, outline, pace }: Suggestion): number {
  const { athlete } = outline;
  if (!isUnder18(outline)) return Infinity;
  const most = rules.care.under18Week * perMetreOf(athlete.basis, pace);
  return floorTo(most, layoutStep(athlete, rules));
}

/** What has been run a week of late; half of what is usual at the peak where nobody says. */
function heldBefore(of: Suggestion): number {
  return recentVolume(of.outline.athlete) ?? usualPeak(of) * UNKNOWN_START;
}

function suggestPeak(of: Suggestion, start: number, reachable: number): number {
  const { rules, outline } = of;
  const rise = outline.athlete.oftenHurt ? OFTEN_HURT_RISE : MOST_RISE;
  const wanted = Math.max(Math.min(usualPeak(of), start * rise), start * LEAST_RISE);
  return Math.max(start, floorTo(Math.min(wanted, reachable), layoutStep(outline.athlete, rules)));
}

function usualPeak({ rules, outline: { athlete, race }, pace }: Suggestion): number {
  return raceRules(rules, race.distance).peakVolume.usual * perMetreOf(athlete.basis, pace);
}
