import type { Measure } from '../../base/measure.js';
import type { CheckContext, Observation } from '../../checks/common/check.js';
import type { CheckCode } from '../../checks/registry.js';
import type { Change } from '../change.js';

/** A change of the spec that removes a finding, and what it does, in words. */
export interface Fix {
  label: string;
  change: Change;
}

/** What a fix may look at: amounts in its label are shown as the coach reads them. */
export interface FixContext extends CheckContext {
  shown: Measure;
}

/** Changes that may remove what was found; only those that do are offered. */
export type ProposeFixes = (found: Observation, context: FixContext) => Fix[];

export type FixesByCheck = Readonly<Partial<Record<CheckCode, ProposeFixes>>>;
