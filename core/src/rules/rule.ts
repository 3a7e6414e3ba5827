import type { RaceClassName } from './race-class.js';

/** Groups of the rule book. */
export type RuleGroup =
  | 'races'
  | 'phases'
  | 'volume'
  | 'recovery'
  | 'long-run'
  | 'taper'
  | 'events'
  | 'week'
  | 'sessions'
  | 'cross'
  | 'paces'
  | 'diary'
  | 'care'
  | 'bending';

/** How a figure is counted: share 0–1, metres, seconds, seconds per km, or a plain number. */
export type RuleQuantity =
  'share' | 'distance' | 'time' | 'weeks' | 'days' | 'count' | 'pace' | 'factor';

/** One figure of the house rules, as a coach reads and sets it. */
export interface Rule {
  /** Its place in the house rules, e.g. `volume.growthCap`. */
  path: string;
  group: RuleGroup;
  title: string;
  quantity: RuleQuantity;
  /** The range that may be set, and the range that is usual. */
  least: number;
  most: number;
  usual: readonly [least: number, most: number];
  why: string;
  /** Codes of the checks that are held against it. */
  checks: readonly string[];
  /** Set for the figures that each race distance has of its own. */
  race?: RaceClassName;
}

/** True when counted in whole numbers. */
export function isWhole({ quantity }: Pick<Rule, 'quantity'>): boolean {
  return quantity === 'weeks' || quantity === 'days' || quantity === 'count';
}

/** What stands against a figure for a rule, in words; undefined when it may be set. */
export function ruleProblem(rule: Rule, value: number): string | undefined {
  const fits = Number.isFinite(value) && value >= rule.least && value <= rule.most;
  if (!fits) return `expected a number from ${rule.least} to ${rule.most}`;
  return isWhole(rule) && !Number.isInteger(value) ? 'expected a whole number' : undefined;
}
