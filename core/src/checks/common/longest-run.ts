import type { Basis } from '../../base/index.js';
import type { Day } from '../../layout/block/index.js';

/** The longest run of a day, m or s: a day that is run twice is two runs. */
export function longestRun({ sessions, ...day }: Day, basis: Basis): number {
  const runs = sessions.filter(({ kind }) => kind === 'run');
  return runs.length > 1 ? Math.max(...runs.map((run) => run[basis])) : day[basis];
}
