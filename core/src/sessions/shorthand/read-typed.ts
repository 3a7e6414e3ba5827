import { type ReadSession, readSession } from './parse-session.js';
import type { Part, SessionAmount, SessionUnit } from './session.js';

/** Metres that nobody runs by themselves; behind so few an m is a mile on many a blackboard. */
const FEWEST_METRES = 27;
/** The same of repetitions. */
const FEWEST_REPEATED = 10;
const MILES = /(?<![\d:.,])(\d{1,2}(?:\.\d)?)\s*m\b/gi;

/**
 * Reads a session as it is typed: `6m easy` is six miles meant, and six metres read. A
 * session that is stored is read as it stands.
 */
export function readTyped(text: string, usual?: SessionUnit): ReadSession {
  const read = readSession(text, usual);
  const slip = read.ok ? read.session.parts.map(slipIn).find(Boolean) : undefined;
  if (slip === undefined) return read;
  const suggestion = text.replace(MILES, (whole, figure: string) =>
    Number(figure) < FEWEST_METRES ? `${figure} mi` : whole,
  );
  const message = `${slip} is nothing to run. Did you mean “${suggestion}”?`;
  return { ok: false, problem: { column: 1, message, suggestion } };
}

/** An amount in metres that is none; in a set there may be any. */
function slipIn(part: Part): string | undefined {
  if (part.kind === 'run' || part.kind === 'including') {
    return tooFew(part.piece.amount, FEWEST_METRES);
  }
  return part.kind === 'repeat' ? tooFew(part.piece.amount, FEWEST_REPEATED) : undefined;
}

function tooFew(amount: SessionAmount, least: number): string | undefined {
  const isSo = 'unit' in amount && amount.unit === 'm' && amount.number < least;
  return isSo ? `${amount.number} m` : undefined;
}
