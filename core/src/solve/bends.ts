import type { HouseRules } from '../rules/index.js';
import type { Block } from '../layout/block/index.js';
import { type BendingRule, type Limit, buildingUp } from './limits.js';

/** Volumes and long runs of a block's weeks, in order; m or s. */
export interface Amounts {
  volumes: readonly number[];
  longRuns: readonly number[];
}

/** A rule that is bent, by how much in m or s, and what that costs. */
export interface Bend {
  rule: BendingRule;
  week: number;
  by: number;
  cost: number;
  limit: Limit;
}

/** A bend costs this much whatever its size, so that few rules bend rather than many… */
const EACH = 2;
/** …and this much for each per cent of the peak that it bends by. */
const PER_CENT = 1;
/** Below this part of the peak a bend is noise of floating point: a centimetre. */
const NOTHING = 1e-7;

/** What a bend of `by` costs. */
function bendCost(rule: BendingRule, by: number, peak: number, rules: HouseRules): number {
  return rules.bending[rule] * (EACH + (PER_CENT * 100 * by) / peak);
}

/** The factors of the same cost, for a program: for a bend at all, and for each m or s of it. */
export function bendFactors(rule: BendingRule, peak: number, rules: HouseRules) {
  const weight = rules.bending[rule];
  return { each: weight * EACH, per: (weight * PER_CENT * 100) / peak };
}

/** Every limit that amounts do not keep. */
export function bendsOf(
  limits: readonly Limit[],
  amounts: Amounts,
  block: Block,
  rules: HouseRules,
): Bend[] {
  const { peak } = block.spec.volume;
  const value = (variable: string) => valueOf(variable, amounts, block);
  return limits.flatMap((limit) => {
    const { rule, week, terms, right } = limit;
    const left = terms.reduce((total, [factor, variable]) => total + factor * value(variable), 0);
    const by = left - right;
    if (by <= NOTHING * peak) return [];
    return [{ rule, week, by, cost: bendCost(rule, by, peak, rules), limit }];
  });
}

export function totalCost(bends: readonly Bend[]): number {
  return bends.reduce((total, { cost }) => total + cost, 0);
}

function valueOf(variable: string, { volumes, longRuns }: Amounts, block: Block): number {
  if (variable === 'h') {
    const before = buildingUp(block).length;
    return Math.max(0, ...volumes.slice(0, before));
  }
  const index = Number(variable.slice(1)) - 1;
  return (variable.startsWith('v') ? volumes[index] : longRuns[index]) ?? 0;
}
