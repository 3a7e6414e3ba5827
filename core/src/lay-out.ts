import { type Fix, fixesOf as fixesFor } from './edit/fixes/index.js';
import type { Measure } from './base/index.js';
import { rulesOf } from './rules/index.js';
import type { BlockSpec } from './spec/index.js';
import { type Block, layWeeks } from './layout/index.js';
import { runChecks } from './checks/index.js';
import { tellFindings, type ToldFinding } from './present/index.js';
import { type CheckedBlock, LazilyChecked } from './checked-block.js';

export interface LayOutOptions {
  /** Today, for what depends on it; left out, the block is laid out of time. */
  today?: string | undefined;
  /** How sentences show amounts; the athlete's own measure when left out. */
  shown?: Measure;
}

/**
 * Lays out a block from what the coach asks: the one entry point of the
 * computation. Pure and deterministic; total on a spec that `validateSpec` finds
 * no issue with. What cannot be met comes back as findings.
 *
 * @param spec metres and seconds; whatever is left out is worked out
 * @throws RangeError on a spec without a race date or a start
 */
export function layOut(spec: BlockSpec, { today, shown }: LayOutOptions = {}): CheckedBlock {
  const { block, rules } = layWeeks(spec);
  const measure = shown ?? { ...block.spec.athlete, step: 1 };
  return new LazilyChecked(block, () => {
    const context = { block, rules, today };
    return tellFindings(runChecks(context), context, measure);
  });
}

/**
 * The fixes of one finding of a block, each tried out before it is offered.
 * Costs a lay-out a candidate: ask for one finding at a time.
 */
export function fixesOf(
  block: Block,
  finding: ToldFinding,
  { today, shown }: LayOutOptions = {},
): Fix[] {
  const measure = shown ?? { ...block.spec.athlete, step: 1 };
  return fixesFor(finding, { block, rules: rulesOf(block.spec), today, shown: measure });
}

/** Findings with the fixes of each, for those who cannot ask one by one. */
export function findingsWithFixes(block: CheckedBlock, options: LayOutOptions = {}) {
  return block.findings.map((finding) => ({
    ...finding,
    fixes: fixesOf(block, finding, options),
  }));
}
