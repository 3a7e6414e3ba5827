import { sum } from '../../base/index.js';
import type { Athlete } from '../../spec/index.js';

/** Real weeks that a block starts from. */
const RECENT_WEEKS = 4;

/** Mean of the last real weeks, in m or s as the athlete counts; undefined where none is known. */
export function recentVolume({ recentWeeks }: Pick<Athlete, 'recentWeeks'>): number | undefined {
  const recent = recentWeeks.slice(-RECENT_WEEKS);
  return recent.length > 0 ? sum(recent) / recent.length : undefined;
}
