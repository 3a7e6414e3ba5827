import type { CrossKind } from './cross-training.js';
import { inForce, newestEngine } from './engine.js';
import { type HouseRules, houseRulesSince } from './house-rules.js';

/** What a coach sets otherwise than the product does. */
export interface RuleChanges {
  /** Figures by their path in the house rules, e.g. `volume.growthCap`. */
  values: Record<string, number>;
  /** Codes of checks turned off. */
  off: string[];
}

/** The same with anything left out; nothing left out changes nothing. */
export interface SomeRuleChanges {
  values?: Record<string, number> | undefined;
  off?: string[] | undefined;
}

export const noRuleChanges: RuleChanges = { values: {}, off: [] };

/** House rules with changes laid over them, later ones over earlier. */
export function withRuleChanges(
  rules: HouseRules,
  ...changes: readonly (SomeRuleChanges | undefined)[]
): HouseRules {
  return changes.reduce<HouseRules>(withChange, rules);
}

/** One figure of the rules; undefined where the path names none. */
export function ruleValue(rules: HouseRules, path: string): number | undefined {
  const value = path.split('.').reduce<unknown>(child, rules);
  return typeof value === 'number' ? value : undefined;
}

/** The rules a block is laid out under: its number's, the house's as it was laid out, its athlete's, and its own over them. */
export function rulesOf(spec: {
  engine?: number | undefined;
  houseRules?: SomeRuleChanges | undefined;
  athlete?: { cross?: Partial<Record<CrossKind, number>> | undefined } | undefined;
  overrides?: SomeRuleChanges | undefined;
}): HouseRules {
  const rules = inForce(houseRulesSince, spec.engine ?? newestEngine);
  const worth = Object.entries(spec.athlete?.cross ?? {});
  const values = Object.fromEntries(worth.map(([kind, value]) => [`cross.${kind}`, value]));
  return withRuleChanges(rules, spec.houseRules, { values }, spec.overrides);
}

function withChange(rules: HouseRules, change: SomeRuleChanges | undefined): HouseRules {
  const values = Object.entries(change?.values ?? {});
  const off = change?.off ?? [];
  if (values.length === 0 && off.length === 0) return rules;
  const changed = values.reduce<unknown>(
    (tree, [path, value]) => withValue(tree, path.split('.'), value),
    rules,
  );
  return { ...(changed as HouseRules), off: [...new Set([...rules.off, ...off])] };
}

/** A copy with one number replaced; a path that names no number changes nothing. */
function withValue(tree: unknown, [key, ...rest]: readonly string[], value: number): unknown {
  const old = child(tree, key ?? '');
  if (rest.length === 0) return typeof old === 'number' ? copy(value) : tree;
  return old === undefined ? tree : copy(withValue(old, rest, value));

  function copy(next: unknown): unknown {
    return { ...(tree as object), [key ?? '']: next };
  }
}

function child(tree: unknown, key: string): unknown {
  return typeof tree === 'object' && tree !== null && Object.hasOwn(tree, key)
    ? (tree as Record<string, unknown>)[key]
    : undefined;
}
