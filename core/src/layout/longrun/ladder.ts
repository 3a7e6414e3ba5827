import type { LongRunRule } from '../block/week.js';
import { longRunLadders } from '../schools/index.js';
import { floorTo } from '../../base/index.js';
import { longRunGrowthLimit } from '../../rules/limits/index.js';
import { stillLongest, underCaps } from './caps.js';
import type { UndatedLongRun } from './laid-long-run.js';
import type { Climb } from './long-run-climb.js';

/** Takes the line to the peak a rung further, once it has begun; gives back the rungs still to come. */
export function advance(climb: Climb, index: number): number {
  const left = climb.climbs.slice(index + 1).filter(Boolean).length;
  if (climb.last !== undefined) climb.line += Math.max(0, climb.peak - climb.line) / (left + 1);
  return left;
}

/** The next long run on the ladder to the peak, under the cap on its growth. */
export function rung(climb: Climb, index: number): UndatedLongRun {
  const { spec, rules, perMetre, step } = climb.context;
  const { start, ladder } = spec.longRun;
  const { peak } = climb;
  if (climb.last === undefined) return onStep(climb, index, start, 'start');
  const left = advance(climb, index);
  const { line } = climb;
  const part = longRunLadders[ladder].part(left);
  const isPeak = left === 0;
  const rule = !isPeak ? 'rung' : peak < spec.longRun.peak ? 'time-cap' : 'peak';
  const wished = onStep(climb, index, part < 1 ? line * part : line, rule);
  const most = longRunGrowthLimit(climb.longest, rules, { perMetre, unit: spec.athlete.unit });
  if (wished.longRun <= most * (1 + 1e-9)) return wished;
  return underCaps(climb, index, Math.min(Math.max(peak, line), floorTo(most, step)), 'growth-cap');
}

/** A rung, made longer where other runs of its week would come too near it; never past the peak asked for. */
function onStep(climb: Climb, index: number, wished: number, rule: LongRunRule): UndatedLongRun {
  const { spec, step } = climb.context;
  const kept = overPeak(climb, index);
  const most = Math.max(wished, spec.longRun.peak) * kept;
  const longest = Math.min(most, stillLongest(climb, index, wished * kept));
  return longest > wished + step / 2
    ? underCaps(climb, index, longest, 'longest')
    : underCaps(climb, index, wished, rule);
}

/** How far over the block’s peak the coach fixed a week, 1 where it is not: its long run keeps its part of it. */
export function overPeak({ context: { spec }, volumes }: Climb, index: number): number {
  const laid = volumes[index];
  return laid?.rule === 'pin' ? Math.max(1, laid.volume / spec.volume.peak) : 1;
}
