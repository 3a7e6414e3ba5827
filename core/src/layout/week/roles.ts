import type { DayRole } from '../../spec/days/index.js';

/** True for roles that are run, the goal race aside. */
export function isRunning(role: string): boolean {
  return role !== 'rest' && role !== 'race' && role !== 'cross-train';
}

export function isRaced(role: DayRole): boolean {
  return role === 'tune-up' || role === 'test';
}

/** Runs that share what long run and races leave of a week. */
export function isOther(role: DayRole): boolean {
  return isRunning(role) && role !== 'long' && !isRaced(role);
}

/** Runs that nothing hangs on. */
export function isPlain(role: DayRole): boolean {
  return role === 'easy' || role === 'short-easy' || role === 'recovery';
}

const HARD: ReadonlySet<DayRole | undefined> = new Set([
  'quality',
  'long',
  'tune-up',
  'test',
  'race',
] as const);

/** Days that ask for rest before them to be a day earlier still. */
export function isHard(role: DayRole | undefined): boolean {
  return HARD.has(role);
}
