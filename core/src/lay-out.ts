import {
  allowingRules,
  type AllowingRules,
  type Fix,
  fixesOf as fixesFor,
} from './edit/fixes/index.js';
import type { CivilDate, Measure } from './base/index.js';
import { isLaidAsThen, newestEngine, rulesOf } from './rules/index.js';
import { missedOn, type RunEntry } from './record/index.js';
import type { BlockSpec } from './spec/index.js';
import { type HandedOut, layWeeks, pastOf } from './layout/index.js';
import type { Block } from './layout/block/index.js';
import { runChecks } from './checks/index.js';
import { tellFindings, type ToldFinding } from './present/index.js';
import { type CheckedBlock, LazilyChecked } from './checked-block.js';

const AFTER_EVERY_DAY: CivilDate = '9999-12-31';

export interface LayOutOptions {
  /**
   * The coach's day: what was handed out for the days before it stays, and checks
   * look at what is still to come. Left out, the block is laid out of time.
   */
  asOf?: string | undefined;
  /**
   * The plan of past days as it was handed out, in any order; of all days, where
   * the block is of a number that is no longer laid out as it was (`isLaidAsThen`).
   */
  history?: readonly HandedOut[] | undefined;
  /** What was run, in any order: the legs' curve stands on it up to today. */
  record?: readonly RunEntry[] | undefined;
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
export function layOut(
  spec: BlockSpec,
  { asOf, history = [], record, shown }: LayOutOptions = {},
): CheckedBlock {
  const { block, rules } = layWeeks(spec, pastOf(history, storedUntil(spec, asOf)), record);
  const measure = shown ?? { ...block.spec.athlete, step: 1 };
  return new LazilyChecked(block, () => {
    const context = { block, rules, today: asOf, missed: missedOn(record ?? []) };
    return tellFindings(runChecks(context), context, measure);
  });
}

/** The day before which days are taken as they are stored; after every day for a block of an older layout. */
function storedUntil({ engine = newestEngine }: BlockSpec, asOf: CivilDate | undefined) {
  return isLaidAsThen(engine) ? asOf : AFTER_EVERY_DAY;
}

/**
 * The fixes of one finding of a block, each tried out before it is offered.
 * Costs a lay-out a candidate: ask for one finding at a time.
 */
export function fixesOf(
  block: Block,
  finding: ToldFinding,
  { asOf, history = [], record = [], shown }: LayOutOptions = {},
): Fix[] {
  const measure = shown ?? { ...block.spec.athlete, step: 1 };
  const past = pastOf(history, storedUntil(block.spec, asOf));
  const rules = rulesOf(block.spec);
  const missed = missedOn(record);
  return fixesFor(finding, { block, rules, today: asOf, missed, past, shown: measure });
}

/** Findings with the fixes of each, for those who cannot ask one by one. */
export function findingsWithFixes(block: CheckedBlock, options: LayOutOptions = {}) {
  return block.findings.map((finding) => ({
    ...finding,
    fixes: fixesOf(block, finding, options),
  }));
}

/** The house rules that a block departs from, and what they would have to be for it. */
export function rulesThatAllow(block: CheckedBlock, today?: string): AllowingRules {
  return allowingRules({ block, rules: rulesOf(block.spec), today }, block.findings);
}
