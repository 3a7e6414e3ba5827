import type { CivilDate } from '../../base/index.js';
import { sessionOf, sessionTotals, type SessionTotals } from '../../sessions/index.js';
import type { Context } from '../context/context.js';

/** What a long run that the coach wrote out comes to; undefined where none is written for its date. */
export function writtenLongRun(
  { fixedOn, sessionsOn }: Context,
  date: CivilDate | undefined,
): SessionTotals | undefined {
  if (date === undefined) return undefined;
  const { session: text, byWeekday } = fixedOn(date);
  if (byWeekday) return undefined;
  const session = text === undefined ? undefined : sessionOf(text);
  return session && sessionTotals(session.parts, sessionsOn(date));
}

/** A long run that is written out is as long as it says, in m or s as the block counts. */
export function lengthWritten(context: Context, date: CivilDate | undefined): number | undefined {
  const written = writtenLongRun(context, date);
  if (!written) return undefined;
  const byTime = context.spec.athlete.basis === 'time';
  return Math.round(byTime ? written.time : written.distance);
}
