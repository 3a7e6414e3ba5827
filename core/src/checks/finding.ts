import type { LaidBlock } from '../laid/laid-block.js';
import type { HouseRules } from '../rules/house-rules.js';

/** `stop` could hurt someone or cannot be run; then `caution`; then `note`. */
export const levels = ['stop', 'caution', 'note'] as const;
export type Level = (typeof levels)[number];

/** What a check found, as data; the sentence is written elsewhere. */
export interface Observation {
  /** Numbers of the weeks it is about. */
  weeks: number[];
  /** What was measured, and the limit it was held against, in the check's own quantity. */
  value: number;
  limit: number;
}

/** A change of the wishes that would remove a finding. */
export interface Fix {
  label: string;
  change: Record<string, unknown>;
}

export interface Finding extends Observation {
  /** Stable code of the check. */
  check: string;
  level: Level;
  title: string;
  message: string;
  fixes: Fix[];
  /** The coach's reason, when waived. */
  waived?: string;
}

/** What a check may look at. */
export interface CheckContext {
  block: LaidBlock;
  rules: HouseRules;
  today?: string | undefined;
}

/** A pure function from the laid-out block to what it finds wrong. */
export interface Check {
  code: string;
  level: Level;
  run: (context: CheckContext) => Observation[];
}
