import type { HouseRules } from '../../rules/index.js';
import type { SessionPaces, SessionTotals } from '../../sessions/index.js';

/**
 * The part of a week that the hard running of a session may take, by its mean
 * pace: quicker than half way from 5 km pace to 3 km it is repetitions, up to half
 * way from 10 km to half marathon intervals, from half way between half marathon and
 * marathon on steady. Where paces are not known, what any session may take.
 */
export function shareAtItsPace(
  { hardDistance, hardTime }: Pick<SessionTotals, 'hardDistance' | 'hardTime'>,
  paces: Pick<SessionPaces, 'find'>,
  { sessions }: Pick<HouseRules, 'sessions'>,
): number {
  const between = (one: string, other: string) =>
    ((paces.find(one)?.pace ?? NaN) + (paces.find(other)?.pace ?? NaN)) / 2;
  const pace = (1000 * hardTime) / hardDistance;
  if (pace <= between('3-km', '5-km')) return sessions.mostQuick;
  if (pace <= between('10-km', 'half-marathon')) return sessions.mostInterval;
  return pace >= between('half-marathon', 'marathon') ? sessions.mostSteady : sessions.mostHard;
}
