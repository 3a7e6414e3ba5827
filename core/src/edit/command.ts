import type { Change } from './change.js';

/** One thing a coach does to a block: the change, and the words it has in the history. */
export interface Command {
  change: Change;
  message: string;
}

/** `[3]` → `week 3`; `[3, 4, 5]` → `weeks 3–5`; `[3, 5]` → `weeks 3, 5`. */
export function weekWords(weeks: readonly number[]): string {
  const first = weeks[0];
  const last = weeks.at(-1);
  if (first === undefined || first === last) return `week ${first ?? ''}`;
  const unbroken = Number(last) - first === weeks.length - 1;
  return unbroken ? `weeks ${first}–${last}` : `weeks ${weeks.join(', ')}`;
}
