/** Pins against rules: programs for the solver, and what they find. */

export type { Bend } from './bends.js';
export { fewestWeeks, type Found, highestPeak, lowestGrowth } from './find.js';
export type { BendingRule } from './limits.js';
export { type Nearest, nearestBlock } from './nearest-block.js';
export { placeRecovery } from './place-recovery.js';
export type { Solution, Solve } from './program.js';
