import type { Feasibility } from '../block/block.js';
import { countBack } from '../../base/index.js';
import { blockLength } from '../../rules/index.js';
import type { Context } from '../context/context.js';
import { type Frame, frameWeeks } from '../frame/frame.js';
import { countRises } from './rises.js';

/**
 * Law: from start s to peak k over b rises, the growth needed is
 * (k/s)^(1/b) − 1.
 *
 * @example s = 55 km, k = 92 km, b = 5, cap 10%: needed 10.8%, reachable 88 578 m
 */
export function feasibility(context: Context, frame: Frame): Feasibility {
  const { start, peak, growth } = context.spec.volume;
  const { count } = countRises(frame, context.spec.volume);
  const reachablePeak = Math.round(reach(start, growth.cap, count));
  const neededGrowth = neededFor(start, peak, count);
  const feasible = neededGrowth !== null && neededGrowth <= growth.cap * (1 + 1e-9) + 1e-12;
  return {
    feasible,
    neededGrowth,
    cap: growth.cap,
    reachablePeak,
    extraWeeks: feasible ? 0 : extraWeeks(context),
  };
}

function neededFor(start: number, peak: number, rises: number): number | null {
  if (peak <= start) return 0;
  return rises === 0 ? null : (peak / start) ** (1 / rises) - 1;
}

function reach(start: number, cap: number, rises: number): number {
  return start * (1 + cap) ** rises;
}

/** Lays longer frames until one has rises enough: recovery weeks cost weeks too. */
function extraWeeks({ spec, rules, eventDays }: Context): number | null {
  const { start, peak, growth } = spec.volume;
  if (growth.cap <= 0) return null;
  for (let weeks = spec.weeks + 1; weeks <= blockLength.most; weeks++) {
    const longer = { ...spec, weeks, start: countBack(spec.race.date, weeks, spec.weekStartsOn) };
    const { count } = countRises(frameWeeks(longer, rules, eventDays), spec.volume);
    if (reach(start, growth.cap, count) >= peak * (1 - 1e-9)) return weeks - spec.weeks;
  }
  return null;
}
