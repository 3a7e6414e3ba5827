import type { ResolvedSpec } from '../../spec/index.js';

/** Real weeks looked back on. */
const RECENT_WEEKS = 4;

/** The heaviest of the last real weeks, m or s; undefined where none is known. */
export function heldOfLate({ athlete }: ResolvedSpec): number | undefined {
  const recent = athlete.recentWeeks.slice(-RECENT_WEEKS);
  return recent.length > 0 ? Math.max(...recent) : undefined;
}
