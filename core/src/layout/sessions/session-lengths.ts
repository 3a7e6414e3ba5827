import { ceilTo, type CivilDate, roundTo, shownUnit } from '../../base/index.js';
import { scaled, sessionOf, type SessionTotals, sessionTotals } from '../../sessions/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { KeySession } from './key-session.js';
import { mayBeSingle } from './may-be-single.js';

/** What a session comes to in the block's amount, m or s. */
export function amountOf(
  { spec }: Context,
  laid: Pick<SessionTotals, 'distance' | 'time'>,
): number {
  return spec.athlete.basis === 'time' ? laid.time : laid.distance;
}

/** Length of the session that the coach wrote for a date, to a tenth of the unit; undefined where there is none. */
export function ownLength(context: Context, date: CivilDate): number | undefined {
  return lengthOfText(context, context.fixedOn(date).session, date);
}

/** Length of what the coach wrote beside that session, m or s; 0 where there is nothing. */
export function otherLength(context: Context, date: CivilDate): number {
  const { amount, session } = context.fixedOn(date).otherRun ?? {};
  return amount ?? lengthOfText(context, session, date) ?? 0;
}

function lengthOfText(
  { spec, sessionsOn }: Context,
  text: string | undefined,
  date: CivilDate,
): number | undefined {
  const session = text === undefined ? undefined : sessionOf(text);
  return session && writtenLength(spec.athlete, sessionTotals(session.parts, sessionsOn(date)));
}

/** Length of a run that a session is all of: to a tenth of the unit, in m or s as the athlete counts. */
export function writtenLength(
  athlete: ResolvedSpec['athlete'],
  laid: Pick<SessionTotals, 'distance' | 'time'>,
): number {
  const tenth = shownUnit(athlete) / 10;
  return Math.max(tenth, roundTo(athlete.basis === 'time' ? laid.time : laid.distance, tenth));
}

/** A key session with the least of warming up and cooling down, in whole steps. */
export function lengthOf(context: Context, { laid }: KeySession): number {
  const { rules, spec, step } = context;
  const around = 2 * rules.sessions.warmUp[spec.athlete.basis];
  return ceilTo(amountOf(context, laid) + around, step);
}

/** Parts of an amount that are tried: whole repetitions may come to a little more than asked for. */
const TRIED = [1, 0.85, 0.7, 0.5];

/** A key session made to fit an amount on its date; undefined where the least of it is too much. */
export function fitSession(
  context: Context,
  key: KeySession,
  date: CivilDate,
  amount: number,
): KeySession | undefined {
  const core = amountOf(context, key.laid);
  if (amount <= 0 || core <= amount) return undefined;
  const least = mayBeSingle(context, key.family, date) ? 1 : 2;
  for (const part of TRIED) {
    const parts = scaled(key.parts, (part * amount) / core, least);
    const smaller = { ...key, parts, laid: sessionTotals(parts, context.sessionsOn(date)) };
    if (amountOf(context, smaller.laid) <= amount) return smaller;
  }
  return undefined;
}
