import type { Basis, Measure } from '../../base/index.js';
import { dayWords, formatPlain } from '../../base/format/index.js';
import { fixedDatesOf, writtenLength } from '../../layout/index.js';
import { besideSession, type Block, type Day } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import {
  isEasyRun,
  mainParts,
  type Part,
  printSession,
  sessionOf,
  sessionPacesOf,
  sessionTotals,
} from '../../sessions/index.js';
import { type OtherRun, withFixedDay } from '../../spec/days/index.js';
import { easyAround } from '../easy-around.js';
import type { Command } from '../index.js';

/** Floating-point dust in a sum of miles, m or s. */
const NOISE = 0.5;

/**
 * Makes a day with a session of the coach's own longer or shorter around it: the session
 * stays as it is written. Undefined for a day without one, and of one that is easy running alone.
 *
 * @param amount m or s, as the block counts
 * @returns the command, or why there is none, in a sentence
 */
export function lengthenWritten(
  block: Block,
  day: Day,
  amount: number,
  measure: Measure,
): Command | string | undefined {
  const { spec } = block;
  const { date, rule } = day;
  const { session: text, otherRun } = fixedDatesOf(block).get(date) ?? {};
  const parts = text === undefined ? undefined : sessionOf(text)?.parts;
  if (!parts || rule !== 'own-session' || parts.every(isEasyAlone)) return undefined;
  const main = mainParts(parts);
  const totals = sessionTotals(main, sessionPacesOf(spec, rulesOf(spec), date));
  const left =
    amount - lengthBeside(day, otherRun, spec.athlete.basis) - writtenLength(spec.athlete, totals);
  if (left < -NOISE) {
    const held = formatPlain(Math.round(amount - left), measure);
    return `The session of ${dayWords(date)} comes to ${held}. Write it shorter, or make the day easy.`;
  }
  const session = easyAround(printSession({ parts: [...main] }), Math.max(0, left), measure);
  return {
    change: { days: withFixedDay(spec.days, date, { session, amount: undefined }) },
    message: `Fixed ${dayWords(date)} at ${formatPlain(amount, measure)}, with its session.`,
  };
}

/** What the run beside the session of a day is laid at, m or s. */
function lengthBeside(day: Day, other: OtherRun | undefined, basis: Basis): number {
  return (other && besideSession(day, other)?.[basis]) ?? 0;
}

/** True for a run at one easy pace. */
function isEasyAlone(part: Part): boolean {
  return part.kind === 'run' && isEasyRun(part) && !part.places && !part.surges;
}
