import type { AddOn } from '../../spec/days/index.js';
import { namePaces, type SessionTotals, sessionOf, sessionTotals } from '../../sessions/index.js';
import type { DaySession } from '../block/day.js';
import { isUphill, Run } from '../block/run.js';
import type { Context } from '../context/context.js';
import { amountOf } from '../sessions/session-lengths.js';
import type { RunOf } from './run-of.js';
import { addOnWords } from './session-words.js';

/** Small work that goes with a run, and what of the run it takes. Quick, and over before it is hard. */
export interface Added {
  addOn: AddOn;
  inWords: () => string;
  laid: SessionTotals;
  /** m or s, as the block counts. */
  amount: number;
}

/** Small work as it is laid out on a date; undefined where the run has no room for it beside `taken`. */
export function addedTo(
  context: Context,
  { amount, date }: RunOf,
  addOn: AddOn | undefined,
  taken = 0,
): Added | undefined {
  const text = addOn && addOnWords[addOn];
  const session = text && sessionOf(text);
  if (!session) return undefined;
  const laid = sessionTotals(session.parts, context.sessionsOn(date));
  const takes = amountOf(context, laid);
  if (amount - taken <= takes) return undefined;
  const inWords = () => namePaces(text, context.spec.paces.table);
  return { addOn, inWords, laid: { ...laid, hardDistance: 0, hardTime: 0 }, amount: takes };
}

/** A run with small work at its end: the run itself is laid out for what that leaves. */
export function endingIn(
  context: Context,
  of: RunOf,
  added: Added,
  run: (of: RunOf) => DaySession,
): DaySession {
  const inner = run({ ...of, amount: of.amount - added.amount });
  const byTime = context.spec.athlete.basis === 'time';
  return new Run(() => `${inner.shorthand}; ${added.inWords()}`, {
    distance: byTime ? Math.round(inner.distance + added.laid.distance) : of.amount,
    time: byTime ? of.amount : Math.round(inner.time + added.laid.time),
    hardDistance: inner.hardDistance,
    hardTime: inner.hardTime,
    uphill: added.laid.uphill || isUphill(inner),
    family: inner.family,
    addOn: added.addOn,
  });
}
