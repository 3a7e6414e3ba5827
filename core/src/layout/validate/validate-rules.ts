import { type Rule, ruleCatalogue, ruleProblem, type SomeRuleChanges } from '../../rules/index.js';
import { type Issue, issue, type ResolvedSpec } from '../../spec/index.js';

const byPath: ReadonlyMap<string, Rule> = new Map(ruleCatalogue.map((rule) => [rule.path, rule]));

/** Figures that no rule may have; their paths lie within the changes. */
export function issuesOfRules({ values = {} }: SomeRuleChanges): Issue[] {
  return Object.entries(values).flatMap(([path, value]) => {
    const rule = byPath.get(path);
    const wrong = rule ? ruleProblem(rule, value) : 'is not one of the house rules';
    if (wrong === undefined) return [];
    return [issue('rule-out-of-range', ['values', path], `${wrong}, received ${value}.`)];
  });
}

/** Figures of a block's rules that no rule may have. */
export function validateRules({ houseRules, overrides }: ResolvedSpec): Issue[] {
  const within = (of: string, changes: SomeRuleChanges) =>
    issuesOfRules(changes).map((found) => ({ ...found, path: [of, ...found.path] }));
  return [...within('houseRules', houseRules), ...within('overrides', overrides)];
}
