import { floorTo, roundTo } from '../../base/index.js';
import {
  layoutStep,
  longRunShareLimit,
  perMetreOf,
  raceClass,
  raceRules,
} from '../../rules/index.js';
import type { LongRunSpec, VolumeSpec } from '../../spec/index.js';
import { weekOfLongRun } from '../longrun/limits.js';
import type { Suggestion } from './suggest-volume.js';

/** Policy: with no longest run known, the first takes this part of the first week. */
const FIRST_SHARE = 0.28;
/** Policy: middle distance keeps the long run to a fifth of the week. */
const MIDDLE_DISTANCE_SHARE = 0.2;
/** Policy: about three quarters of the race's distance for the often hurt. */
const OFTEN_HURT_SHARE = 0.75;

/** First long run, peak, ladder and the last peak's place, where not given. */
export function suggestLongRun(of: Suggestion, volume: VolumeSpec): LongRunSpec {
  const { given, rules, outline } = of;
  const unit = layoutStep(outline.athlete, rules);
  const most = given.longRun?.peak ?? Infinity;
  const first = given.longRun?.start ?? Math.min(most, roundTo(firstLongRun(of, volume), unit));
  const peak = floorTo(peakLongRun(of, volume), unit);
  return {
    start: first,
    peak: given.longRun?.peak ?? Math.max(first, peak),
    ladder: given.longRun?.ladder ?? 'straight',
    lastPeakWeeksOut:
      given.longRun?.lastPeakWeeksOut ?? Math.min(usualWeeksOut(of), outline.weeks - 2),
    segment: given.longRun?.segment ?? 'easy',
  };
}

function firstLongRun({ outline: { athlete } }: Suggestion, volume: VolumeSpec): number {
  const known = athlete.longestRecentRun ?? volume.start * FIRST_SHARE;
  return Math.min(known, volume.start / 2);
}

function usualWeeksOut({ outline: { race } }: Suggestion): number {
  return isLongRace(race.distance) ? 3 : 2;
}

/** Half marathon and beyond. */
function isLongRace(distance: number): boolean {
  const { name } = raceClass(distance);
  return name === 'half-marathon' || name === 'marathon';
}

function peakLongRun({ outline, rules, pace }: Suggestion, volume: VolumeSpec): number {
  const { athlete, race } = outline;
  const perMetre = perMetreOf(athlete.basis, pace);
  const usual = raceRules(rules, race.distance).longRunPeak;
  if (usual === undefined) return volume.peak * MIDDLE_DISTANCE_SHARE;
  const half = raceClass(race.distance).name === 'half-marathon';
  const wanted = athlete.oftenHurt && half ? race.distance * OFTEN_HURT_SHARE : usual;
  const byTime = (rules.longRun.mostTime / pace) * 1000;
  const share = longRunShareLimit(weekOfLongRun(outline, volume.peak, perMetre), rules);
  return Math.min(Math.min(wanted, byTime) * perMetre, volume.peak * share);
}
