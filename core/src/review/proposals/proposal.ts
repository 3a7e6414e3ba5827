import type { Command } from '../../edit/index.js';
import type { Measure } from '../../base/index.js';
import type { Review } from '../done/review-block.js';

/** Something that may be done about what was run: taken or left by the coach, never done alone. */
export interface Proposal {
  /** Stable for as long as what it answers to stands. */
  key: string;
  title: string;
  because: string;
  /** Undefined where nothing in the block changes. */
  command: Command | undefined;
  /** The usual caution, where somebody may be hurt. */
  caution?: string | undefined;
  /** True where it is read from health words. */
  health?: boolean | undefined;
}

/** Proposes what may be done, in the measure the coach reads. */
export type Propose = (review: Review, measure: Measure) => Proposal[];
