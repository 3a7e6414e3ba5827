import type { CivilDate } from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import type { Block } from '../../layout/block/index.js';

/** `stop` could hurt someone or cannot be run; then `caution`; then `note`. */
export const levels = ['stop', 'caution', 'note'] as const;
export type Level = (typeof levels)[number];

/** What a check measured beyond its limit, as data; the sentence is written elsewhere. */
export interface Observation {
  /** Numbers of the weeks it is about. */
  weeks: number[];
  /** The days it is about, where it is about single days. */
  dates?: string[];
  /** What was measured, and the limit it was held against, in the check's own quantity. */
  value: number;
  limit: number;
  /** Where it is another than the check's own. */
  level?: Level;
  /** Which of several things a check looks at. */
  about?: string;
}

/** What a check may look at. */
export interface CheckContext {
  block: Block;
  rules: HouseRules;
  today?: CivilDate | undefined;
  /** Days of running that were missed: what was planned on them is behind nobody. */
  missed?: ReadonlySet<CivilDate> | undefined;
}

/** The day that checks on fitness ask about: today within the block, else its start. */
export function dayOf({ block: { spec }, today }: CheckContext): string {
  const within = today !== undefined && today > spec.start && today < spec.race.date;
  return within ? today : spec.start;
}

/** A pure function from the laid-out block to what it finds wrong. */
export interface Check {
  /** Stable; the file is named as it. */
  code: string;
  level: Level;
  /** True where some of what it finds is a stop: it runs even when turned off. */
  stops?: true;
  run: (context: CheckContext) => Observation[];
}

/** Names a check, and keeps its code as a type of its own. */
export function check<const C extends Check>(one: C): C {
  return one;
}
