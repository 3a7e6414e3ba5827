import { type HouseRules, layoutStep } from '../rules/index.js';
import {
  growthLimit,
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  perMetreOf,
  recoveryLimit,
  returnLimit,
} from '../rules/limits/index.js';
import { weekOfLongRun, wholeWeek } from '../layout/index.js';
import { type Block, isBase, type Week } from '../layout/block/index.js';

/** Rules that bend where pins leave no other way. */
export type BendingRule = keyof HouseRules['bending'];

/**
 * One rule on the amounts of a block, as a sum that must not pass a limit:
 * `amount − Σ factor·other ≤ right`. The same list makes the solver's program
 * and measures any block against it.
 */
export interface Limit {
  rule: BendingRule;
  week: number;
  /** Variables: `v3` is week 3's volume, `l3` its long run, `h` the heaviest week. */
  terms: readonly (readonly [factor: number, variable: string])[];
  right: number;
}

/** Every limit that a block's volumes and long runs are held against. Amounts in m or s. */
export function limitsOf(block: Block, rules: HouseRules): Limit[] {
  return [
    ...growthLimits(block),
    ...recoveryLimits(block, rules),
    ...peakLimits(block),
    ...longRunLimits(block, rules),
    ...taperLimits(block, rules),
  ];
}

/** Number of the week that is the heaviest as the block is laid out. */
export function heaviestWeek(block: Pick<Block, 'weeks'>): number {
  const weeks = buildingUp(block);
  const volumes = weeks.map(({ volume }) => volume);
  return weeks[volumes.indexOf(Math.max(...volumes))]?.number ?? 1;
}

/** Weeks before the taper. */
export function buildingUp({ weeks }: Pick<Block, 'weeks'>): Week[] {
  return weeks.filter(({ taperShare }) => taperShare === 1);
}

function growthLimits({ weeks, spec }: Block): Limit[] {
  const factor = growthLimit(1, spec.volume.growth.cap);
  let last: Week | undefined;
  return weeks.flatMap((week) => {
    const before = last;
    if (isBase(week)) last = week;
    if (week.kind !== 'building' || week.volumeRule === 'short-first-week') return [];
    const own = [wholeWeek(spec, { ...week, volume: 1 }), `v${week.number}`] as const;
    const limit = { rule: 'growth' as const, week: week.number };
    if (!before) return [{ ...limit, terms: [own], right: spec.volume.start * factor }];
    const whole = wholeWeek(spec, { ...before, volume: 1 });
    const base = [-factor * whole, `v${before.number}`] as const;
    return [{ ...limit, terms: [own, base], right: 0 }];
  });
}

function recoveryLimits({ weeks }: Block, rules: HouseRules): Limit[] {
  let last: Week | undefined;
  return weeks.flatMap((week, index) => {
    const before = last;
    const previous = weeks[index - 1];
    if (isBase(week) && !week.recoveryDue) last = week;
    const found: Limit[] = [];
    const limit = { rule: 'recovery' as const, week: week.number, right: 0 };
    const own = [1, `v${week.number}`] as const;
    if (week.recoveryDue && before) {
      const least = -recoveryLimit(1, rules.recovery.leastDepth);
      found.push({ ...limit, terms: [own, [least, `v${before.number}`]] });
    }
    if (previous?.recovery && previous.volumeRule !== 'event' && week.kind === 'building') {
      const most = -returnLimit(1, rules);
      found.push({ ...limit, terms: [own, [most, `v${previous.number}`]] });
    }
    return found;
  });
}

function peakLimits(block: Block): Limit[] {
  const { peak } = block.spec.volume;
  const weeks = buildingUp(block);
  const missed = {
    rule: 'peak' as const,
    week: heaviestWeek(block),
    terms: [[-1, 'h']] as const,
    right: -peak,
  };
  const over = weeks.map(({ number }) => ({
    rule: 'peak' as const,
    week: number,
    terms: [[1, `v${number}`]] as const,
    right: peak,
  }));
  return [missed, ...over];
}

function longRunLimits({ weeks, spec, easyPace }: Block, rules: HouseRules): Limit[] {
  const most = longRunTimeLimit(spec.athlete.basis, rules, easyPace);
  const perMetre = perMetreOf(spec.athlete.basis, easyPace);
  const counting = { perMetre, unit: spec.athlete.unit };
  let longest: Week | undefined;
  return weeks.flatMap((week) => {
    const before = longest;
    if (week.longRun > (longest?.longRun ?? 0)) longest = week;
    if (week.longRun === 0) return [];
    const limit = { rule: 'longRun' as const, week: week.number };
    const own = [1, `l${week.number}`] as const;
    const share = longRunShareLimit(weekOfLongRun(spec, week.volume, perMetre), rules);
    const found: Limit[] = [{ ...limit, terms: [own], right: most }];
    if (week.length === 7) {
      found.push({ ...limit, terms: [own, [-share, `v${week.number}`]], right: 0 });
    }
    if (before) {
      const right = longRunGrowthLimit(before.longRun, rules, counting) - before.longRun;
      found.push({ ...limit, terms: [own, [-1, `l${before.number}`]], right });
    }
    return found;
  });
}

/** A taper is laid out in whole steps, and so is what it is taken from: one step is no bend. */
function taperLimits({ weeks, spec }: Block, rules: HouseRules): Limit[] {
  const right = layoutStep(spec.athlete, rules);
  return weeks
    .filter(({ taperShare }) => taperShare < 1)
    .map(({ number, taperShare }) => ({
      rule: 'taper' as const,
      week: number,
      terms: [
        [1, `v${number}`],
        [-taperShare, 'h'],
      ] as const,
      right,
    }));
}
