import fc from 'fast-check';
import { inject } from 'vitest';

declare module 'vitest' {
  interface ProvidedContext {
    /** How many times as many `npm run fuzz` draws anew. */
    fuzzTimes: number;
  }
}

/** Drawn in every run alike. */
const SEED = 20270418;
const RUNS = { fixed: 50, random: 10 };

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
