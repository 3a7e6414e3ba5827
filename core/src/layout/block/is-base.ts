import type { Week } from './week.js';

/** True for a week that the next rise is measured from: built, whole, and cut by nothing. */
export function isBase({ kind, volumeRule }: Pick<Week, 'kind' | 'volumeRule'>): boolean {
  return kind === 'building' && volumeRule !== 'short-first-week' && volumeRule !== 'event';
}
