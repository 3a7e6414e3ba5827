import type { DayRole } from '../../spec/days/index.js';

/** Days on which a race or a test stands. */
export const PLACED: ReadonlySet<DayRole> = new Set(['race', 'tune-up', 'test']);
