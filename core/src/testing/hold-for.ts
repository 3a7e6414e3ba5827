import fc from 'fast-check';
import { inject } from 'vitest';

declare module 'vitest' {
  interface ProvidedContext {
    /** How many times as many `npm run fuzz` draws anew. */
    fuzzTimes: number;
  }
}

/** Drawn in every run alike: what holds today holds tomorrow. The random ones look further. */
const SEED = 20270418;
const RUNS = { fixed: 30, random: 12 };

/**
 * Holds a property for what is drawn with one seed for ever, and with a new one
 * beside it. A failure prints its seed and the smallest case.
 */
export function holdFor<T extends [unknown, ...unknown[]]>(
  property: fc.IProperty<T>,
  runs: { fixed: number; random: number } = RUNS,
): void {
  fc.assert(property, { numRuns: runs.fixed, seed: SEED });
  fc.assert(property, { numRuns: runs.random * inject('fuzzTimes') });
}
