import { countBack, floorTo } from '../../base/index.js';
import { blockLength, type HouseRules, layoutStep } from '../../rules/index.js';
import {
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  perMetreOf,
} from '../../rules/limits/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Block } from '../block/block.js';
import { eventDays } from '../events/event-days.js';
import { frameWeeks } from '../frame/frame.js';
import { longRunLadders } from '../schools/index.js';
import { weekOfLongRun } from './limits.js';

/** What holds the longest long run under the one that was asked for, and the ways out. */
export interface LongRunFeasibility {
  /** True where it cannot grow so far in the weeks there are. */
  byGrowth: boolean;
  /** True where the peak takes longer on the feet than the house rule allows. */
  byTime: boolean;
  /** The heaviest week that holds the peak under its share, where the weeks there are do not; m or s. */
  neededWeek: number | null;
  /** Weeks to add so that it can; null when 30 weeks are not enough. */
  extraWeeks: number | null;
  /** Rise from one long run to the next that reaches the peak in the weeks there are, m or s; null without a rung. */
  neededRise: number | null;
  /** Seconds on the feet that the peak takes at easy pace. */
  neededTime: number;
}

/** How the block counts. */
type Counting = Parameters<typeof longRunGrowthLimit>[2];

/** What of a laid-out block its long runs rest on. */
type Laid = Pick<Block, 'spec' | 'weeks' | 'easyPace'>;

/**
 * Law: a ladder of r rungs from a start reaches what growing r times under the
 * limit makes of it.
 *
 * @example 16 km growing by 3 km reach 28 km in four rungs; for 30 km it takes 4 km a rung, in whole steps
 */
export function longRunFeasibility(laid: Laid, rules: HouseRules): LongRunFeasibility {
  const { weeks, easyPace } = laid;
  const spec = fromFirst(laid);
  const { peak } = spec.longRun;
  const counting = {
    unit: spec.athlete.unit,
    perMetre: perMetreOf(spec.athlete.basis, easyPace),
  };
  const rungs = rungsOf(spec, weeks);
  const step = layoutStep(spec.athlete, rules);
  const grow = (longest: number) => floorTo(longRunGrowthLimit(longest, rules, counting), step);
  const byGrowth = reach(spec, rungs, grow) < peak - 1e-6;
  return {
    byGrowth,
    byTime: peak > longRunTimeLimit(spec.athlete.basis, rules, easyPace) * (1 + 1e-9),
    neededWeek: neededWeek(laid, rules, counting),
    extraWeeks: byGrowth ? extraWeeks(spec, rules, grow) : 0,
    neededRise: byGrowth ? neededRise(spec, rungs, { rules, counting, step }) : null,
    neededTime: spec.athlete.basis === 'time' ? peak : (peak / 1000) * easyPace,
  };
}

/** The spec with its first long run as the start: a week may need a longer one than was asked for. */
function fromFirst({ spec, weeks }: Laid): ResolvedSpec {
  const start = Math.max(spec.longRun.start, weeks[0]?.longRun ?? 0);
  return { ...spec, longRun: { ...spec.longRun, start } };
}

/** A peak that was asked for over its share is laid whatever its week; one under it waits for its week. */
function neededWeek({ spec, weeks }: Laid, rules: HouseRules, { perMetre }: Counting) {
  const { peak } = spec.longRun;
  const heaviest = Math.max(0, ...weeks.map(({ volume }) => volume));
  const share = longRunShareLimit(weekOfLongRun(spec, heaviest, perMetre), rules);
  const isAsked = peak > share * spec.volume.peak * (1 + 1e-9);
  return isAsked || peak <= share * heaviest * (1 + 1e-9) ? null : peak / share;
}

/** Weeks that stand on the ladder, up to the last peak. */
function rungsOf(
  { longRun }: ResolvedSpec,
  weeks: readonly { kind: string; running: number; toGo: number }[],
): number {
  return weeks.filter(
    ({ kind, running, toGo }) =>
      (kind === 'building' || kind === 'taper') && running >= 1 && toGo >= longRun.lastPeakWeeksOut,
  ).length;
}

/** The longest that a ladder of so many rungs comes to, its first one the start. */
function reach(
  { longRun }: ResolvedSpec,
  rungs: number,
  grow: (longest: number) => number,
): number {
  const { part } = longRunLadders[longRun.ladder];
  let [line, longest] = [longRun.start, longRun.start];
  for (let left = rungs - 2; left >= 0; left--) {
    line += Math.max(0, longRun.peak - line) / (left + 1);
    longest = Math.max(longest, Math.min(line * part(left), grow(longest)));
  }
  return longest;
}

function extraWeeks(
  spec: ResolvedSpec,
  rules: HouseRules,
  grow: (longest: number) => number,
): number | null {
  const byDay = eventDays(spec.events, rules);
  for (let weeks = spec.weeks + 1; weeks <= blockLength.most; weeks++) {
    const longer = { ...spec, weeks, start: countBack(spec.race.date, weeks, spec.weekStartsOn) };
    const rungs = rungsOf(spec, frameWeeks(longer, rules, byDay).weeks);
    if (reach(spec, rungs, grow) >= spec.longRun.peak - 1e-6) return weeks - spec.weeks;
  }
  return null;
}

/** The least rise in whole steps that is enough. */
function neededRise(
  spec: ResolvedSpec,
  rungs: number,
  { rules, counting, step }: { rules: HouseRules; counting: Counting; step: number },
): number | null {
  if (rungs < 2) return null;
  for (let rise = step; rise <= spec.longRun.peak; rise += step) {
    const longRun = { ...rules.longRun, growthDistance: rise / counting.perMetre };
    const grow = (longest: number) =>
      floorTo(longRunGrowthLimit(longest, { ...rules, longRun }, counting), step);
    if (reach(spec, rungs, grow) >= spec.longRun.peak - 1e-6) return rise;
  }
  return null;
}
