import { longRunShareLimit, perMetre } from '../longrun/limits.js';
import { raceRules } from '../../rules/house-rules.js';
import { layoutStep } from '../../rules/layout-step.js';
import { floorTo, roundTo } from '../../base/round.js';
import type { Suggestion } from './suggest-volume.js';
import type { LongRunWish, VolumeWish } from '../../spec/block-spec.js';

/** Policy: with no longest run known, the first takes this part of the first week. */
const FIRST_SHARE = 0.28;
/** Policy: middle distance keeps the long run to a fifth of the week. */
const MIDDLE_DISTANCE_SHARE = 0.2;
/** Policy: about three quarters of the race's distance for the often hurt. */
const OFTEN_HURT_SHARE = 0.75;

/** First long run, peak, ladder and the last peak's place, where not given. */
export function suggestLongRun(of: Suggestion & { volume: VolumeWish }): LongRunWish {
  const { given, athlete, volume, weeks } = of;
  const unit = layoutStep(athlete, of.rules);
  const most = given.longRun?.peak ?? Infinity;
  const first = given.longRun?.start ?? Math.min(most, roundTo(firstLongRun(), unit));
  const peak = floorTo(peakLongRun(of), unit);
  return {
    start: first,
    peak: given.longRun?.peak ?? Math.max(first, peak),
    ladder: given.longRun?.ladder ?? 'straight',
    lastPeakWeeksOut: given.longRun?.lastPeakWeeksOut ?? Math.min(usualWeeksOut(of), weeks - 2),
    segment: given.longRun?.segment ?? 'easy',
  };

  function firstLongRun(): number {
    const known = athlete.longestRecentRun ?? volume.start * FIRST_SHARE;
    return Math.min(known, volume.start / 2);
  }
}

function usualWeeksOut({ race }: Suggestion): number {
  return race.distance > 15_000 ? 3 : 2;
}

function peakLongRun(of: Suggestion & { volume: VolumeWish }): number {
  const { athlete, race, volume, rules, pace } = of;
  const usual = raceRules(rules, race.distance).longRunPeak;
  if (usual === undefined) return volume.peak * MIDDLE_DISTANCE_SHARE;
  const half = race.distance > 15_000 && race.distance <= 30_000;
  const wanted = athlete.oftenHurt && half ? race.distance * OFTEN_HURT_SHARE : usual;
  const byTime = (rules.longRun.mostTime / pace) * 1000;
  const byShare = volume.peak * longRunShareLimit(of, rules, volume.peak, pace);
  return Math.min(Math.min(wanted, byTime) * perMetre(of, pace), byShare);
}
