import type { BlockSpec, ResolvedSpec } from '../spec/index.js';

/** Parts of the spec put in place of what was there, each whole. */
export type Change = { [K in keyof ResolvedSpec]?: BlockSpec[K] | undefined };

/** ResolvedSpec with a change laid over them; what the change does not name stays. */
export function applyChange<T extends BlockSpec>(given: T, change: Change): T {
  return { ...given, ...change };
}
