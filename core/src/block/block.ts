import type { Finding } from '../checks/finding.js';
import type { LaidBlock } from '../laid/laid-block.js';

/** The computed block: what `layOut` returns. */
export interface Block extends LaidBlock {
  /** What the checks say of it, worst first. */
  readonly findings: Finding[];
}
