/** How a pace feels, and what can be said while it is run. */
export interface Feel {
  effort: string;
  talk: string;
}

/** By how long a pace can be held, up to so many seconds (policy, from practice). */
const FEELS: readonly (Feel & { upTo: number })[] = [
  { upTo: 200, effort: 'Near full speed.', talk: 'Nothing.' },
  { upTo: 420, effort: 'Fast.', talk: 'Nothing.' },
  { upTo: 780, effort: 'Fast, smooth.', talk: 'Nothing.' },
  { upTo: 1500, effort: 'Very hard.', talk: 'Nothing.' },
  { upTo: 2700, effort: 'Hard, even, no fighting.', talk: 'A word or two.' },
  { upTo: 4500, effort: 'Comfortably hard: just short of strain.', talk: 'A few words.' },
  { upTo: 7800, effort: 'Firm.', talk: 'A phrase at a time.' },
];
const LASTING: Feel = { effort: 'Steady work that lasts.', talk: 'Short sentences.' };

/**
 * How a pace feels that can be held so long: who takes an hour for 10 km runs them
 * as others run an hour.
 *
 * @example 3600 s → 'Comfortably hard: just short of strain.', 'A few words.'
 */
export function feelByDuration(seconds: number): Feel {
  const { effort, talk } = FEELS.find(({ upTo }) => seconds <= upTo) ?? LASTING;
  return { effort, talk };
}
