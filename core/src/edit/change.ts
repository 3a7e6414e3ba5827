import type { Given, Wishes } from '../spec/block-spec.js';

/** Parts of the wishes put in place of what was there, each whole. */
export type Change = { [K in keyof Wishes]?: Given[K] | undefined };

/** Wishes with a change laid over them; what the change does not name stays. */
export function applyChange<T extends Given>(given: T, change: Change): T {
  return { ...given, ...change };
}
