import { clean } from '../../base/index.js';
import { linkPaces, namePaces } from '../../sessions/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import type { OtherRun } from '../../spec/days/index.js';

/**
 * Two runs of a day as they would be typed: `am 5; pm 6 x 800 m @ 5 km`.
 *
 * @param text of the session that the other run stands beside
 * @param figure a length in m or s, in the measure shown
 */
export function bothRuns(
  text: string,
  { amount = 0, session, first }: OtherRun,
  table: readonly NamedPace[],
  figure: (amount: number) => string,
): string {
  const other = session === undefined ? figure(amount) : namePaces(session, table);
  return first ? `am ${other}; pm ${text}` : `am ${text}; pm ${other}`;
}

/**
 * What was typed of a day with a session, as it is kept: paces by their ids, the
 * length of the whole day where both of two runs have one.
 */
export function keptSession(
  { text, amount, otherRun }: { text: string; amount?: number; otherRun?: OtherRun | undefined },
  table: readonly NamedPace[],
) {
  const other = otherRun && {
    ...otherRun,
    ...(otherRun.session !== undefined && { session: linkPaces(otherRun.session, table) }),
  };
  const beside = otherRun ? otherRun.amount : 0;
  const isWhole = amount !== undefined && beside !== undefined;
  return {
    session: linkPaces(text, table),
    amount: isWhole ? clean(amount + beside) : undefined,
    otherRun: other,
  };
}
