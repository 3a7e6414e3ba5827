import { ceilTo, floorTo, roundTo } from '../../base/index.js';
import {
  isLongRace,
  isMiddleDistance,
  layoutStep,
  raceClass,
  raceRules,
} from '../../rules/index.js';
import {
  leastLongRun,
  leastLongRunShare,
  longRunGrowthLimit,
  longRunShareLimit,
  perMetreOf,
} from '../../rules/limits/index.js';
import { type LongRunSpec, runDaysOf, type VolumeSpec } from '../../spec/index.js';
import { weekOfLongRun } from '../longrun/limits.js';
import type { Suggestion } from './suggest-volume.js';

/** Policy: with no longest run known, the first takes this part of the first week. */
const FIRST_SHARE = 0.28;
/** Policy: and no more of the peak, so that there is something to climb. */
const FIRST_OF_PEAK = 0.8;
/** Policy: middle distance keeps the long run to a fifth of the week. */
const MIDDLE_DISTANCE_SHARE = 0.2;
/** Policy: about three quarters of the race's distance for the often hurt. */
const OFTEN_HURT_SHARE = 0.75;

/** First long run, peak, ladder and the last peak's place, where not given. */
export function suggestLongRun(of: Suggestion, volume: VolumeSpec): LongRunSpec {
  const { given, outline } = of;
  const most = given.longRun?.peak ?? Infinity;
  const peak = given.longRun?.peak ?? peakLongRun(of, volume);
  const first = given.longRun?.start ?? Math.min(most, firstLongRun(of, volume, peak));
  return {
    start: first,
    peak: Math.max(given.longRun?.peak ?? first, peak),
    ladder: given.longRun?.ladder ?? 'straight',
    lastPeakWeeksOut:
      given.longRun?.lastPeakWeeksOut ??
      Math.min(isLongRace(outline.race.distance) ? 3 : 2, outline.weeks - 2),
    segment: given.longRun?.segment ?? 'easy',
    segmentEvery: given.longRun?.segmentEvery,
    segmentWeeks: given.longRun?.segmentWeeks,
  };
}

function firstLongRun(of: Suggestion, volume: VolumeSpec, peak: number): number {
  const { athlete } = of.outline;
  const unit = layoutStep(athlete, of.rules);
  const known = athlete.longestRecentRun;
  const first = known ?? Math.min(volume.start * FIRST_SHARE, peak * FIRST_OF_PEAK);
  const most = volume.start * shareOf(of, volume.start);
  return Math.max(
    Math.min(roundTo(first, unit), floorTo(most, unit)),
    leastFirst(of, volume, peak),
  );
}

/** A first long run beside which no other need come too near it, and which lets them differ where that leaves room to climb. */
function leastFirst(of: Suggestion, volume: VolumeSpec, peak: number): number {
  const { athlete, week, race } = of.outline;
  const runs = runDaysOf(week);
  const step = layoutStep(athlete, of.rules);
  const needed = leastLongRun(volume.start, runs, step, of.rules);
  const least = Math.max(needed, Math.min(peak, besideASession(of, volume.start)));
  const isFew = runs < MANY_RUNS;
  const uneven = isFew ? UNEVEN.few : isLongRace(race.distance) ? UNEVEN.long : unevenIn(of);
  const ofPeak = Math.max(FIRST_OF_PEAK, volume.start / volume.peak);
  const most = isFew ? floorTo(ofPeak * peak, step) : peak;
  return Math.max(least, Math.min(most, mostFirst(of), roomyIn(of, volume.start, uneven)));
}

/** Policy: hard and easy running between warming up and cooling down that makes a session, m or s. */
const LEAST_SESSION = { distance: 2000, time: 12 * 60 };

/** The shortest long run beside which a key session is none too small, within its share and what was run; 0 where none is asked. */
function besideASession(of: Suggestion, volume: number): number {
  const { rules } = of;
  const { athlete, week } = of.outline;
  if (week.qualityOn.length === 0) return 0;
  const session = 2 * rules.sessions.warmUp[athlete.basis] + LEAST_SESSION[athlete.basis];
  const step = layoutStep(athlete, rules);
  const most = floorTo(Math.min(mostFirst(of), volume * shareOf(of, volume)), step);
  return Math.min(ceilTo(session / rules.week.mostOfLongRun, step), most);
}

/** The longest that the first long run may be after the longest that was run lately. */
function mostFirst({ rules, pace, outline: { athlete } }: Suggestion): number {
  const { basis, unit, longestRecentRun: known } = athlete;
  const counting = { unit, perMetre: perMetreOf(basis, pace) };
  return known === undefined ? Infinity : longRunGrowthLimit(known, rules, counting);
}

/** Run days from which on it takes a long run that stands out to tell them apart. */
const MANY_RUNS = 6;

/** Policy: the more runs a week has, the more they differ beside the longest of them; less on the track and at first. */
const UNEVEN = { usual: 0.08, track: 0.05, long: 0.04, few: 0.05 };

/** Policy: how much less than the run before each further run of a week is, once the long run has grown. */
function unevenIn({ outline: { race, week } }: Suggestion): number {
  const few = isMiddleDistance(race.distance) && runDaysOf(week) < MANY_RUNS;
  return few ? UNEVEN.track : UNEVEN.usual;
}

/** The shortest long run of a week that leaves its other runs room to differ, in whole steps and within its share. */
function roomyIn(of: Suggestion, volume: number, uneven: number): number {
  const { outline, rules } = of;
  const { athlete, week } = outline;
  const runs = runDaysOf(week);
  const alike = 1 - uneven * Math.max(0, runs - 2);
  const others = 1 / leastLongRunShare(runs, rules) - 1;
  const unit = layoutStep(athlete, rules);
  const wanted = ceilTo(volume / (1 + alike * others), unit);
  return Math.min(wanted, floorTo(volume * shareOf(of, volume), unit));
}

function peakLongRun(of: Suggestion, volume: VolumeSpec): number {
  const { outline, rules, pace } = of;
  const { athlete } = outline;
  const perMetre = perMetreOf(athlete.basis, pace);
  const unit = layoutStep(athlete, rules);
  const byTime = floorTo((rules.longRun.mostTime / pace) * 1000 * perMetre, unit);
  const wanted = wantedPeak(of, volume, perMetre);
  const most = Math.min(wanted, volume.peak * shareOf(of, volume.peak), byTime);
  const least = leastLongRun(volume.peak, runDaysOf(outline.week), unit, rules);
  const roomy = Math.min(roomyIn(of, volume.peak, unevenIn(of)), floorTo(MOST * perMetre, unit));
  return Math.max(floorTo(most, unit), Math.min(byTime, Math.max(least, roomy)));
}

/** Policy: so many metres at most where it is other runs that ask for more than the race does. */
const MOST = 35_000;

/** The part of a week of so much that its long run may take. */
function shareOf({ outline, rules, pace }: Suggestion, volume: number): number {
  const perMetre = perMetreOf(outline.athlete.basis, pace);
  return longRunShareLimit(weekOfLongRun(outline, volume, perMetre), rules);
}

/** What the race asks for, in m or s. */
function wantedPeak({ outline, rules }: Suggestion, volume: VolumeSpec, perMetre: number): number {
  const { athlete, race } = outline;
  const usual = raceRules(rules, race.distance).longRunPeak;
  if (usual === undefined) return volume.peak * MIDDLE_DISTANCE_SHARE;
  const half = raceClass(race.distance).name === 'half-marathon';
  return (athlete.oftenHurt && half ? race.distance * OFTEN_HURT_SHARE : usual) * perMetre;
}
