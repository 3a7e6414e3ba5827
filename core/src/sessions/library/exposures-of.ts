import type { NamedPace, Progression } from '../../spec/choices/index.js';
import { type SessionTotals, sessionTotals } from '../breakdown/lay-session.js';
import { nameParts } from '../shorthand/link-paces.js';
import { printSession } from '../shorthand/print-session.js';
import type { SessionPaces } from '../shorthand/session-paces.js';
import { exposuresIn, firstExposure, nextExposure, wholeSet } from './exposure.js';

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
  family: Progression,
  paces: SessionPaces,
  table: readonly NamedPace[],
): Exposure[] {
  let main = firstExposure(family);
  if (!main) return [];
  const found: Exposure[] = [];
  for (let turn = 1; turn <= exposuresIn(family); turn++) {
    const whole = wholeSet(family, main);
    const shorthand = printSession({ parts: nameParts(whole, table) });
    found.push({ shorthand, totals: sessionTotals(whole, paces) });
    main = nextExposure(family, turn + 1, main);
  }
  return found;
}
