import type { LaidBlock } from '../../layout/block/block.js';
import type { HouseRules } from '../../rules/house-rules.js';
import type { Measure } from '../../base/measure.js';
import type { Change } from '../../edit/change.js';

/** `stop` could hurt someone or cannot be run; then `caution`; then `note`. */
export const levels = ['stop', 'caution', 'note'] as const;
export type Level = (typeof levels)[number];

/** What a check found, as data; the sentence is written elsewhere. */
export interface Observation {
  /** Numbers of the weeks it is about. */
  weeks: number[];
  /** The days it is about, where it is about single days. */
  dates?: string[];
  /** What was measured, and the limit it was held against, in the check's own quantity. */
  value: number;
  limit: number;
}

/** A change of the wishes that removes a finding, in words. */
export interface Fix {
  label: string;
  change: Change;
}

export interface Finding extends Observation {
  /** Stable code of the check. */
  check: string;
  level: Level;
  title: string;
  message: string;
  /** Asked for separately, since each is tried out: see `mend`. */
  fixes: Fix[];
  /** The coach's reason, when waived. */
  waived?: string;
  /** The coach's reason, where the measured value has become worse since. */
  reopened?: string;
}

/** What a check may look at. */
export interface CheckContext {
  block: LaidBlock;
  rules: HouseRules;
  today?: string | undefined;
}

/** The day that checks on fitness ask about: today within the block, else its start. */
export function dayOf({ block: { wishes }, today }: CheckContext): string {
  const within = today !== undefined && today > wishes.start && today < wishes.race.date;
  return within ? today : wishes.start;
}

/** What a fix may look at: amounts in its label are shown as the coach reads them. */
export interface FixContext extends CheckContext {
  shown: Measure;
}

/** A pure function from the laid-out block to what it finds wrong. */
export interface Check {
  code: string;
  level: Level;
  run: (context: CheckContext) => Observation[];
  /** Changes that may remove what was found; only those that do are offered. */
  fixes?: (found: Observation, context: FixContext) => Fix[];
}
