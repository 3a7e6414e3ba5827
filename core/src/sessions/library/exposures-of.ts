import type { NamedPace, Progression } from '../../spec/choices/index.js';
import { type SessionTotals, sessionTotals } from '../breakdown/lay-session.js';
import { sessionOf } from '../shorthand/parse-session.js';
import { nameParts } from '../shorthand/link-paces.js';
import { printSession } from '../shorthand/print-session.js';
import type { SessionPaces } from '../shorthand/session-paces.js';
import { progressionRules } from '../progressions/progression-rules.js';

/** One exposure of a family as it stands in the library, sized to nobody. */
export interface Exposure {
  shorthand: string;
  totals: SessionTotals;
}

/**
 * All exposures of a family in a row until it stays as it is.
 *
 * @returns none where its first exposure cannot be read
 */
export function exposuresOf(
  { start, way, by, most }: Pick<Progression, 'start' | 'way' | 'by' | 'most'>,
  paces: SessionPaces,
  table: readonly NamedPace[],
): Exposure[] {
  const session = sessionOf(start);
  if (!session) return [];
  const found: Exposure[] = [];
  let { parts } = session;
  for (let turn = 0; turn < most; turn++) {
    const shorthand = printSession({ parts: nameParts(parts, table) });
    found.push({ shorthand, totals: sessionTotals(parts, paces) });
    parts = progressionRules[way].next(parts, by);
  }
  return found;
}
