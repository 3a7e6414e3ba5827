import type { ResolvedSpec } from './block-spec.js';

const ADULT = 18;

/**
 * True where the block begins no later than in the calendar year in which the
 * athlete turns 18: the stricter limits hold through that year. False when the
 * year of birth is unknown.
 */
export function isUnder18({ athlete, start }: Pick<ResolvedSpec, 'athlete' | 'start'>): boolean {
  if (athlete.birthYear === undefined) return false;
  return Number(start.slice(0, 4)) - athlete.birthYear <= ADULT;
}
