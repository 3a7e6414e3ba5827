import { type CheckContext, type Finding, runChecks } from '../../checks/index.js';
import type { Change } from '../index.js';
import type { Block } from '../../layout/block/index.js';
import {
  isWhole,
  type Rule,
  ruleCatalogue,
  ruleProblem,
  rulesOf,
  ruleValue,
} from '../../rules/index.js';

/** A house rule that would let findings stand, and what it would have to be. */
export interface AllowingRule {
  rule: Rule;
  from: number;
  to: number;
  /** Codes of the checks that would find nothing more. */
  checks: string[];
}

/** What a coach's rules would have to be for a block, and what none of them allows. */
export interface AllowingRules {
  allowing: AllowingRule[];
  /** Sets them for the block. */
  change: Change;
  left: Finding[];
}

/**
 * House rules that a block departs from, each set as far as the block goes and
 * tried: the block stays as it is, only what is held against it changes. What
 * could hurt, and what guards the young and the often hurt, is never allowed so.
 */
export function allowingRules(context: CheckContext, findings: readonly Finding[]): AllowingRules {
  const open = findings.filter(({ past, waived }) => !past && waived === undefined);
  const before = new Set(runChecks(context).map(keyOf));
  const values: Record<string, number> = {};
  const allowing: AllowingRule[] = [];
  const allowed = new Set<string>();
  const left: Finding[] = [];
  for (const finding of open) {
    const found = finding.level === 'stop' ? undefined : ruleFor(finding);
    if (!found) {
      left.push(finding);
      continue;
    }
    const { rule, to } = found;
    values[rule.path] = to;
    allowed.add(keyOf(finding));
    const known = allowing.find((each) => each.rule.path === rule.path);
    if (known) {
      known.to = to;
      known.checks.push(finding.check);
    } else {
      const from = ruleValue(context.rules, rule.path) ?? to;
      allowing.push({ rule, from, to, checks: [finding.check] });
    }
  }
  return { allowing, change: changeFor(context.block, values), left };

  /** A rule that lets one more finding go, brings none, and keeps those away that went before. */
  function ruleFor({ check, about, value, limit }: Finding) {
    for (const rule of ruleCatalogue) {
      const now = values[rule.path] ?? ruleValue(context.rules, rule.path);
      if (now === undefined || rule.group === 'care' || !rule.checks.includes(check)) continue;
      // A rise that stands for several weeks is held to a multiple of the cap.
      const asked = check === 'growth-over-cap' ? (value * now) / limit : value;
      const far = outward(rule, asked, value > limit);
      // One that goes as far already is not drawn in again.
      for (const to of [now, far]) {
        if (ruleProblem(rule, to) !== undefined) continue;
        const after = runChecks(contextWith(context, { ...values, [rule.path]: to })).map(keyOf);
        const gone = !after.includes(keyOf({ check, about }));
        const sound = after.every((each) => before.has(each) && !allowed.has(each));
        if (gone && sound) return { rule, to };
      }
    }
    return undefined;
  }
}

/** One kind of finding, in whatever weeks. */
function keyOf({ check, about }: Pick<Finding, 'check' | 'about'>): string {
  return `${check} ${about ?? ''}`;
}

/** What a block would be held against: its days as they are, its rules and the answer that rests on one of them changed. */
function contextWith(
  { block, ...context }: CheckContext,
  values: Readonly<Record<string, number>>,
): CheckContext {
  const spec = { ...block.spec, ...changeFor(block, values) };
  return { ...context, block: { ...block, spec }, rules: rulesOf(spec) };
}

/** Sets house rules for a block; a cap on growth that it was laid out under is an answer of its own. */
function changeFor(
  { spec: { houseRules, volume } }: Pick<Block, 'spec'>,
  values: Readonly<Record<string, number>>,
): Partial<Pick<Block['spec'], 'houseRules' | 'volume'>> {
  const cap = values['volume.growthCap'];
  return {
    houseRules: { ...houseRules, values: { ...houseRules.values, ...values } },
    ...(cap !== undefined && { volume: { ...volume, growth: { ...volume.growth, cap } } }),
  };
}

/** As far as the block goes, in a figure that a coach would set. */
function outward(rule: Rule, value: number, isMost: boolean): number {
  const step = STEPS[rule.quantity] ?? (isWhole(rule) ? 1 : 0.01);
  const whole = value / step;
  const steps = isMost ? Math.ceil(whole - 1e-9) : Math.floor(whole + 1e-9);
  return Number((steps * step).toPrecision(12));
}

const STEPS: Readonly<Partial<Record<Rule['quantity'], number>>> = {
  distance: 1000,
  time: 300,
  pace: 1,
};
