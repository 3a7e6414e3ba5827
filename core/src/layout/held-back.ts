import { floorTo } from '../base/index.js';
import { growthLimit, leastLongRun, recoveryLimit, returnLimit } from '../rules/limits/index.js';
import { isRun } from '../spec/days/index.js';
import type { WeekOfAmounts } from './amounts.js';
import type { Week } from './block/week.js';
import type { Context } from './context/context.js';
import { shortened } from './longrun/lay-segments.js';
import { growthSchools, mostOfARise } from './schools/index.js';
import { isAtRecovery, type LaidVolume } from './volume/climb.js';
import type { Cuts } from './fill/cuts.js';

/** A whole building week, and the volume that was meant for it: its runs may hold less. */
export interface Built {
  week: Week;
  meant: number;
}

/** Floating-point dust in a sum of miles, m or s. */
const NOISE = 0.5;

/** True for a volume that is less than what was meant. */
export function fallsShort(volume: number, meant: number): boolean {
  return volume < meant - NOISE;
}

/** True for a week whose runs held less than was meant for it. */
function isHeld({ week, meant }: Built): boolean {
  return fallsShort(week.volume, meant);
}

/** A week after one that its runs held down climbs from there, not from what was meant. */
export function heldBy(
  context: Context,
  of: WeekOfAmounts,
  built: readonly Built[],
): WeekOfAmounts {
  const { volume } = of;
  const last = built.at(-1);
  if (!last || !built.some(isHeld)) return of;
  if (of.frame.dayShares) return isHeld(last) ? noLongerThan(context, of, built) : of;
  const after = isHeld(last) ? mostAfter(context, volume, last) : mostOf(context, volume, built);
  if (after >= volume.volume) return of;
  const longRun = heldLongRun(context, of, after);
  const most = Math.max(longRun, after);
  const rule = volume.rule === 'recovery' ? volume.rule : ('bounded' as const);
  return { ...withLongRun(context, of, longRun), volume: { ...volume, volume: most, rule } };
}

/** A week after one of rest is no more of a jump than the house rule allows, however light that one came out. */
export function comingBack(
  { rules, step }: Context,
  of: WeekOfAmounts,
  rested: Week | undefined,
): WeekOfAmounts {
  const { volume } = of;
  const rises = volume.rule !== 'pin' && !isAtRecovery(volume) && of.frame.dayShares === undefined;
  if (!rested?.recovery || rested.length < 7 || rested.volumeRule === 'event' || !rises) return of;
  const most = floorTo(returnLimit(rested.volume, rules), step);
  if (rested.volumeRule === 'pin' || most <= 0 || most >= volume.volume) return of;
  const rule = volume.rule === 'event' ? volume.rule : ('bounded' as const);
  return { ...of, volume: { ...volume, volume: Math.max(most, of.longRun.longRun), rule } };
}

/** A week of the taper is no more than the one before it. */
export function atMost(before: number, cuts: Cuts | undefined): Cuts | undefined {
  if (cuts?.atMost === undefined) return cuts;
  return { of: cuts.of, atMost: Math.min(cuts.atMost, before) };
}

/** A week of a taper that no heavier week stands before, to be cut from: it is no more than the one before it either. */
export function noMoreThan(context: Context, before: number, of: WeekOfAmounts): WeekOfAmounts {
  const { volume, longRun } = of;
  if (volume.rule === 'pin' || volume.volume <= before) return of;
  const kept = longRun.rule === 'pin' ? longRun.longRun : Math.min(before, longRun.longRun);
  return {
    ...withLongRun(context, of, kept),
    volume: { ...volume, volume: Math.max(before, kept) },
  };
}

/** A taper's long run is no longer than one that was run. */
function noLongerThan(context: Context, of: WeekOfAmounts, built: readonly Built[]): WeekOfAmounts {
  const { longRun } = of;
  const longest = Math.max(...built.map(({ week }) => week.longRun));
  if (longRun.rule === 'pin' || longRun.longRun <= longest) return of;
  return withLongRun(context, of, longest);
}

/** A week with a shorter long run, and as much less of what it holds. */
function withLongRun({ step }: Context, of: WeekOfAmounts, longRun: number): WeekOfAmounts {
  const { segment } = of;
  const isShorter = segment !== undefined && longRun < of.longRun.longRun;
  return {
    ...of,
    longRun: { ...of.longRun, longRun },
    segment: isShorter ? shortened(segment, longRun, step) : segment,
  };
}

/** The long run of a week that is held down: half of it at most, or what its other runs need. */
function heldLongRun({ rules, step }: Context, of: WeekOfAmounts, most: number): number {
  const { longRun, wished } = of;
  if (longRun.rule === 'pin') return longRun.longRun;
  const runs = wished.filter(({ role }) => isRun(role)).length;
  const least = leastLongRun(most, runs, step, rules);
  return Math.min(longRun.longRun, Math.max(least, floorTo(most / 2, step)));
}

/** The most a week may be after one that its runs held down to `last`. */
function mostAfter(
  { spec, step }: Context,
  { volume, rule, recovery }: LaidVolume,
  { week: { volume: last }, meant }: Built,
): number {
  const { growth, recovery: rests } = spec.volume;
  if (rule === 'recovery') return floorTo(recoveryLimit(last, rests.depth), step);
  if (rule === 'pin' || rule === 'event' || recovery) return Infinity;
  const capped = Math.max(last, floorTo(growthLimit(last, growth.cap), step));
  // A school that knows no cap rises by as much as it meant to, where that is more.
  return growthSchools[growth.school].keepsCap ? capped : Math.max(capped, last + volume - meant);
}

/** The most a week may be where a cap counts over several weeks, and one before the last was held down. */
function mostOf(
  { spec, step }: Context,
  { rule, recovery }: LaidVolume,
  built: readonly Built[],
): number {
  const { growth } = spec.volume;
  if (rule === 'pin' || rule === 'event' || recovery) return Infinity;
  if (!growthSchools[growth.school].keepsCap) return Infinity;
  const { weeks, most } = mostOfARise(growth, spec);
  const heaviest = Math.max(...built.slice(-weeks).map(({ week }) => week.volume));
  return Math.max(heaviest, floorTo(growthLimit(heaviest, most), step));
}
