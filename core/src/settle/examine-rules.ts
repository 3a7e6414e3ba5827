import { ruleBook } from '../rules/book.js';
import { type Rule, ruleProblem } from '../rules/rule.js';
import type { Wishes } from '../wishes/wishes.js';
import { type Problem, problem } from './problem.js';

const byPath: ReadonlyMap<string, Rule> = new Map(ruleBook.map((rule) => [rule.path, rule]));

/** Figures of a block's rules that no rule may have. */
export function examineRules({ houseRules, overrides }: Wishes): Problem[] {
  const both = { houseRules, overrides };
  return (['houseRules', 'overrides'] as const).flatMap((of) =>
    Object.entries(both[of].values).flatMap(([path, value]) => {
      const rule = byPath.get(path);
      const wrong = rule ? ruleProblem(rule, value) : 'is no figure of the house rules';
      if (wrong === undefined) return [];
      return [problem('rule-out-of-range', [of, 'values', path], `${wrong}, received ${value}.`)];
    }),
  );
}
