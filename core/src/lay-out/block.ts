import type { Finding } from '../checks/common/check.js';
import type { LaidBlock } from '../layout/block/block.js';

/** The computed block: what `layOut` returns. */
export interface Block extends LaidBlock {
  /** What the checks say of it, worst first. */
  readonly findings: Finding[];
}
