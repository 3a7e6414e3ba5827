import type { CivilDate } from '../../base/index.js';
import { sessionOf, sessionTotals } from '../../sessions/index.js';
import type { DayRole } from '../../spec/days/index.js';
import type { Context } from '../context/context.js';
import { isOther } from './roles.js';

/** A run that the coach wrote out for its date is a session where it holds hard running, whatever the day was for before. */
export function roleAsWritten(
  { fixedOn, sessionsOn }: Pick<Context, 'fixedOn' | 'sessionsOn'>,
  date: CivilDate,
  role: DayRole,
): DayRole {
  const text = fixedOn(date).session;
  const session = text === undefined ? undefined : sessionOf(text);
  if (!session || !isOther(role)) return role;
  return sessionTotals(session.parts, sessionsOn(date)).hardTime > 0 ? 'quality' : role;
}
