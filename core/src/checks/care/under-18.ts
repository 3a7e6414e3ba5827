import type { ResolvedSpec } from '../../spec/index.js';

const ADULT = 18;

/** True for an athlete who is under 18 in the year of the race; false when the year of birth is unknown. */
export function isUnder18({ athlete, race }: Pick<ResolvedSpec, 'athlete' | 'race'>): boolean {
  if (athlete.birthYear === undefined) return false;
  return Number(race.date.slice(0, 4)) - athlete.birthYear < ADULT;
}
