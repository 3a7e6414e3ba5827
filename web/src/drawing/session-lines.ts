import {
  laySession,
  type Part,
  readSession,
  type SessionPaces,
  type Stretch,
} from '@nadir/core/sessions';
import * as wording from './wording.js';

/** A session as lines of text are: a line for each part, and for each round of a set. */
export interface SessionLine {
  label: string;
  stretches: readonly Stretch[];
  /** What is between this round and the next, on its turn. */
  turn?: string | undefined;
}

/** More rounds than this are one line, with their number. */
const MOST_ROUNDS = 4;

/** The lines of a session; none where it does not read. */
export function sessionLines(text: string, paces: SessionPaces): SessionLine[] {
  const read = readSession(text);
  if (!read.ok) return [];
  let sets = 0;
  return read.session.parts.flatMap((part): SessionLine[] => {
    const stretches = layParts([part], paces);
    if (stretches.length === 0) return [];
    if (part.kind !== 'set' || part.count.to > MOST_ROUNDS) {
      return [{ label: labelOf(part, stretches), stretches }];
    }
    const round = layParts(part.parts, paces);
    const between = stretches[round.length];
    return Array.from({ length: part.count.to }, (_, index) => ({
      label: wording.set(++sets),
      stretches: round,
      turn: index < part.count.to - 1 ? between?.words : undefined,
    }));
  });
}

function layParts(parts: Part[], paces: SessionPaces): readonly Stretch[] {
  return laySession({ parts }, paces).stretches;
}

function labelOf(part: Part, stretches: readonly Stretch[]): string {
  const hard = stretches.some((stretch) => stretch.hard);
  if (part.kind === 'repeat' || part.kind === 'set') return `${part.count.to} ×`;
  if (part.kind === 'ladder') return 'pyramid';
  return hard ? 'run' : 'easy';
}
