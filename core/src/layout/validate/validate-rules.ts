import { ruleBook } from '../../rules/catalogue.js';
import { type Rule, ruleProblem } from '../../rules/rule.js';
import type { SomeRuleChanges } from '../../rules/rule-changes.js';
import type { Wishes } from '../../spec/block-spec.js';
import { type Problem, problem } from '../../spec/issue.js';

const byPath: ReadonlyMap<string, Rule> = new Map(ruleBook.map((rule) => [rule.path, rule]));

/** Figures that no rule may have; their paths lie within the changes. */
export function problemsOfRules({ values = {} }: SomeRuleChanges): Problem[] {
  return Object.entries(values).flatMap(([path, value]) => {
    const rule = byPath.get(path);
    const wrong = rule ? ruleProblem(rule, value) : 'is no figure of the house rules';
    if (wrong === undefined) return [];
    return [problem('rule-out-of-range', ['values', path], `${wrong}, received ${value}.`)];
  });
}

/** Figures of a block's rules that no rule may have. */
export function examineRules({ houseRules, overrides }: Wishes): Problem[] {
  const within = (of: string, changes: SomeRuleChanges) =>
    problemsOfRules(changes).map((found) => ({ ...found, path: [of, ...found.path] }));
  return [...within('houseRules', houseRules), ...within('overrides', overrides)];
}
