import { metresOf } from './amounts.js';
import { parse } from './grammar.js';
import { HEADINGS } from './headings.js';
import { knownMetres } from './known-metres.js';
import { sessionLimits } from './limits.js';
import { RACED } from './raced.js';
import type { Part, Session, SessionUnit, Target } from './session.js';
import { inUnit, suggestText } from './suggest-text.js';

/** Longer than any session on a blackboard. */
const MOST_CHARACTERS = 2000;
/** Steps of a progression that names no number of them: a kilometre each, at the most. */
export const MOST_EVEN_STEPS = 20;
/** More than anyone runs, however it is nested. */
const MOST_PIECES = 1000;

/** What is wrong with a session’s text, and where. */
export interface SessionProblem {
  /** Counted from 1. */
  column: number;
  message: string;
  /** A text that reads and may have been meant. */
  suggestion?: string | undefined;
}

export type ReadSession = { ok: true; session: Session } | { ok: false; problem: SessionProblem };

/**
 * Reads a session written in shorthand; see docs/shorthand.md.
 *
 * @param usual the unit that is offered first where one is missing
 * @example readSession('6 x 1000 m @ 10 km, 90 s jog')
 */
export function readSession(text: string, usual?: SessionUnit): ReadSession {
  if (text.length > MOST_CHARACTERS) {
    const message = `${text.length} characters are no session; ${MOST_CHARACTERS} are the most.`;
    return { ok: false, problem: { column: MOST_CHARACTERS + 1, message } };
  }
  const key = usual === undefined ? text : `${usual}: ${text}`;
  const known = read.get(key) ?? parsed(text, usual);
  if (read.size >= MOST_KEPT) read.clear();
  read.set(key, known);
  return known;
}

/** Texts are few and come again at every key stroke while a block is shaped. */
const read = new Map<string, ReadSession>();
const MOST_KEPT = 500;

/** A session by its text, or undefined where it cannot be read. */
export function sessionOf(text: string): Session | undefined {
  const found = readSession(text);
  return found.ok ? found.session : undefined;
}

function parsed(text: string, usual: SessionUnit | undefined): ReadSession {
  const found = attempt(text);
  if (found.ok) return found;
  const { column, message } = found.problem;
  const suggestion = suggestText(text, failsAt, usual);
  if (suggestion === undefined) return unsized(text) ?? found;
  // What may have been meant says more than a list of what would have done.
  const what = message.replace(/ expected .*, found (.*)\.$/, ' $1 cannot be read here.');
  const asks = `${what} Did you mean “${suggestion}”?`;
  return { ok: false, problem: { column, message: asks, suggestion } };
}

/** 10 x hill, 8 hills, hills x 10: so many of a length that nobody said. */
const UNSIZED = /(?<![\d:.])\d+ ?(?:[x×*] ?)?hills?\b|\bhills?(?: rep(?:eat)?s)? ?[x×*] ?\d+$/i;

function unsized(text: string): ReadSession | undefined {
  const said = UNSIZED.exec(text);
  if (!said) return undefined;
  const column = said.index + 1;
  const message = `column ${column}: “${said[0]}” does not say how long each is. Write it like “10 x 60 s uphill”.`;
  return { ok: false, problem: { column, message } };
}

function failsAt(text: string): number | undefined {
  const found = attempt(text);
  return found.ok ? undefined : found.problem.column - 1;
}

/** A text whose bare figures are in a unit, as those of a table are; undefined where it does not read so. */
export function sessionInUnit(text: string, unit: SessionUnit): string | undefined {
  return inUnit(text, unit, failsAt);
}

function attempt(text: string): ReadSession {
  try {
    const session = parse(text, {
      limits: sessionLimits,
      raced: RACED,
      headings: HEADINGS,
    }) as Session;
    const message = beyondBounds(session.parts);
    return message === undefined
      ? { ok: true, session }
      : { ok: false, problem: { column: 1, message } };
  } catch (error) {
    if (!isSyntaxError(error)) throw error;
    const column = error.location.start.offset + 1;
    // What the grammar itself has to say needs no list of what would have done.
    if (error.expected === null) {
      return { ok: false, problem: { column, message: `column ${column}: ${error.message}.` } };
    }
    const wanted = [...new Set(error.expected.map(wordOf))].filter(Boolean);
    const found =
      error.found === null
        ? 'the end'
        : `“${text.slice(column - 1).split(/[\s;,]/)[0] || error.found}”`;
    const message =
      wanted.length === 0
        ? `column ${column}: ${found} cannot be read here.`
        : `column ${column}: expected ${wanted.slice(0, 4).join(' or ')}, found ${found}.`;
    return { ok: false, problem: { column, message } };
  }
}

/** What no session is, however well it is written. */
function beyondBounds(parts: readonly Part[]): string | undefined {
  const pieces = piecesOf(parts);
  if (pieces > MOST_PIECES) return `${pieces} pieces are no session; ${MOST_PIECES} are the most.`;
  const full = parts.some((part) => part.kind === 'including' && isOverfull(part));
  return full ? 'the parts are longer than the run that includes them.' : undefined;
}

/** Half a metre is the dust of miles. */
function isOverfull({ piece, parts }: Extract<Part, { kind: 'including' }>): boolean {
  return knownMetres(parts) > (metresOf(piece.amount) ?? Infinity) + 0.5;
}

interface SyntaxError extends Error {
  location: { start: { offset: number } };
  expected: { type: string; description?: string; text?: string }[] | null;
  found: string | null;
}

/** What the generated parser throws. */
function isSyntaxError(error: unknown): error is SyntaxError {
  return error instanceof Error && 'location' in error && 'expected' in error;
}

function wordOf({ type, description, text }: NonNullable<SyntaxError['expected']>[number]): string {
  if (type === 'end') return 'the end';
  return description ?? (text ? `“${text}”` : '');
}

/** Pieces there are when every repetition and every step is written out. */
function piecesOf(parts: readonly Part[]): number {
  return parts.map(piecesIn).reduce((total, next) => total + next, 0);
}

function piecesIn(part: Part): number {
  switch (part.kind) {
    case 'words':
      return 1;
    case 'run':
      return (
        stepsOf(part.piece.target) + (part.surges?.at.length ?? 0) + (part.places?.length ?? 0) * 2
      );
    case 'repeat':
      return part.count.to * (part.piece.inside?.length ?? stepsOf(part.piece.target));
    case 'ladder':
      return part.numbers.length * stepsOf(part.target);
    case 'set':
      return part.count.to * piecesOf(part.parts);
    case 'including':
      return 2 + piecesOf(part.parts);
  }
}

function stepsOf(target: Target | undefined): number {
  return target?.kind === 'progression' ? (target.steps ?? MOST_EVEN_STEPS) : 1;
}
