import { addDays, ceilTo, type CivilDate } from '../../base/index.js';
import { layoutStep, rulesOf } from '../../rules/index.js';
import type { Block } from '../block/block.js';
import { isBase } from '../block/is-base.js';
import type { Week } from '../block/week.js';
import { climbsCarefully, growthSchools, mostOfARise } from '../schools/index.js';
import { wholeWeek } from './climb.js';

/** Policy: a climb steeper than this from week to week is no way out for anyone's legs, and sooner not for young or hurt ones. */
const STEEPEST = { usual: 0.15, careful: 0.1 };

/** What keeps a block from the peak asked for, and what would bring it there. */
export interface WaysToPeak {
  /** What holds it down where its growth does not: runs that stay as they are, weeks that are fixed, days away. */
  heldBy?: 'runs' | 'fixed-weeks' | 'days-away';
  /** Growth a week that would reach it, where weeks grow by a percentage. */
  growth?: number;
  /** The same, where it is steeper than anyone should climb. */
  tooSteep?: number;
  /** Step in m or s that would reach it, where weeks grow by steps. */
  step?: number;
  /** Weeks to add before day one, where it has not begun. */
  weeks?: number;
}

/**
 * Ways to a peak that is not reached. Once a block has begun the climb goes on from
 * its last whole building week, in the rises that are still to come.
 *
 * @param today civil date; weeks that end before it are over
 * @example 71 km held and one rise left toward 80 km: 80 / 71 − 1 = 12.7%
 */
export function waysToPeak(
  block: Pick<Block, 'spec' | 'weeks' | 'feasible'>,
  today: CivilDate | undefined,
): WaysToPeak {
  const { spec, weeks } = block;
  if (weeks.some(({ volumeRule }) => volumeRule === 'bounded')) return { heldBy: 'runs' };
  const { growth } = spec.volume;
  const left = climbLeft(block, today);
  const isSteep = growth.school === 'percentage' && left.needed > growth.cap * (1 + 1e-9);
  if (left.weeks.some(({ volumeRule }) => volumeRule === 'pin') && !isSteep) {
    return { heldBy: 'fixed-weeks' };
  }
  if (left.rises === 0 && left.weeks.some(({ volumeRule }) => volumeRule === 'event')) {
    return { heldBy: 'days-away' };
  }
  if (growth.school === 'percentage') {
    return { ...steeper(spec, left), ...longer(block, left, today) };
  }
  return growthSchools[growth.school].steps ? largerSteps(spec, left) : {};
}

/** The part of a climb that is still to come. Amounts in m or s. */
interface ClimbLeft {
  weeks: readonly Week[];
  /** What it climbs from. */
  from: number;
  rises: number;
  /** Growth a rise that just reaches the peak; infinite without a rise. */
  needed: number;
}

function climbLeft(
  { spec, weeks }: Pick<Block, 'spec' | 'weeks'>,
  today: CivilDate | undefined,
): ClimbLeft {
  const isOver = ({ start, length }: Week) =>
    today !== undefined && addDays(start, length) <= today;
  const held = weeks.filter((week) => isOver(week) && isBase(week)).at(-1);
  const from = held ? wholeWeek(spec, held) : spec.volume.start;
  const toCome = weeks.filter((week) => !isOver(week));
  const rises = toCome.filter(mayRise).length;
  const needed = rises > 0 ? (spec.volume.peak / from) ** (1 / rises) - 1 : Infinity;
  return { weeks: toCome, from, rises, needed };
}

function steeper(spec: Block['spec'], { needed }: ClimbLeft): WaysToPeak {
  if (needed === Infinity) return {};
  return needed <= steepestFor(spec) ? { growth: needed } : { tooSteep: needed };
}

function steepestFor(spec: Block['spec']): number {
  return climbsCarefully(spec) ? STEEPEST.careful : STEEPEST.usual;
}

/** A start that is so much earlier, where that day has not come. */
function longer(
  { spec, weeks, feasible }: Pick<Block, 'spec' | 'weeks' | 'feasible'>,
  left: ClimbLeft,
  today: CivilDate | undefined,
): WaysToPeak {
  const { extraWeeks } = feasible;
  if (!extraWeeks || left.weeks.length < weeks.length) return {};
  const isAhead = today === undefined || addDays(spec.start, -7 * extraWeeks) >= today;
  return isAhead ? { weeks: extraWeeks } : {};
}

function largerSteps(spec: Block['spec'], { weeks, from }: ClimbLeft): WaysToPeak {
  const steps = stepsIn(weeks, from);
  if (steps === 0) return {};
  const step = ceilTo((spec.volume.peak - from) / steps, layoutStep(spec.athlete, rulesOf(spec)));
  const { most } = mostOfARise({ ...spec.volume.growth, cap: steepestFor(spec) }, spec);
  return step <= most * from ? { step } : {};
}

/** A week in which the volume rises, or would if it were not fixed. */
function mayRise({ kind, volumeRule }: Week): boolean {
  return volumeRule === 'rise' || (volumeRule === 'pin' && kind === 'building');
}

/** Building weeks that are heavier than the one before. */
function stepsIn(weeks: readonly Week[], from: number): number {
  let last = from;
  let steps = 0;
  for (const week of weeks.filter(isBase)) {
    if (week.volume > last) steps += 1;
    last = week.volume;
  }
  return steps;
}
