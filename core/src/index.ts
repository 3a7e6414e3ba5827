/** A block laid out, checked, and in words. */

export type { CheckedBlock } from './checked-block.js';
export {
  type LayOutOptions,
  findingsWithFixes,
  fixesOf,
  layOut,
  rulesThatAllow,
} from './lay-out.js';
