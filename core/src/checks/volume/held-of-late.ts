import type { ResolvedSpec } from '../../spec/index.js';

/** Real weeks looked back on. */
const RECENT_WEEKS = 4;

/** The heaviest of the last real weeks, m or s; undefined where none is known. */
export function heldOfLate(spec: ResolvedSpec): number | undefined {
  return heaviestFirst(spec)[0];
}

/** What was run a week of late, m or s: the heaviest of the last real weeks but one that may have been a camp. */
export function usualOfLate(spec: ResolvedSpec): number | undefined {
  const [heaviest, next = heaviest] = heaviestFirst(spec);
  return next;
}

function heaviestFirst({ athlete }: ResolvedSpec): number[] {
  return athlete.recentWeeks.slice(-RECENT_WEEKS).sort((a, b) => b - a);
}
