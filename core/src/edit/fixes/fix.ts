import type { Past } from '../../layout/index.js';
import type { Measure } from '../../base/index.js';
import type { CheckCode, CheckContext, Finding, Observation } from '../../checks/index.js';
import type { Change } from '../index.js';

/** A change of the spec that removes a finding, and what it does, in words. */
export interface Fix {
  label: string;
  change: Change;
}

/** What a fix may look at: amounts in its label are shown as the coach reads them. */
export interface FixContext extends CheckContext {
  shown: Measure;
  /** What is no longer laid out. */
  past: Past;
}

/** Changes that may remove what was found; only those that do are offered. */
export type ProposeFixes = (
  found: Observation & Pick<Finding, 'each'>,
  context: FixContext,
) => Fix[];

export type FixesByCheck = Readonly<Partial<Record<CheckCode, ProposeFixes>>>;
