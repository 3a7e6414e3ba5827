import type { Part } from '../shorthand/session.js';

type Repeat = Extract<Part, { kind: 'repeat' }>;

/**
 * Parts as a coach writes them: what is repeated once is a run, and a set of one is
 * its repetitions. The same running, for there is no recovery after a last one.
 *
 * @example 1 x 8 min @ race pace, 2 min jog → 8 min @ race pace
 * @example 2 x (1 x 200 m @ mile, 200 m jog), 5 min jog → 2 x 200 m @ mile, 5 min jog
 */
export function onceAsRun(parts: readonly Part[]): Part[] {
  return parts.map((part): Part => {
    if (isOnce(part)) return { kind: 'run', piece: part.piece, comment: part.comment };
    const only = onlyOf(part);
    if (part.kind !== 'set' || !only || !isOnce(only)) return part;
    const { count, recovery, comment } = part;
    return { kind: 'repeat', count, piece: only.piece, recovery, comment };
  });
}

/** The way back: a run in the place of repetitions is one of them, so that they can grow again. */
export function runAsOnce(parts: readonly Part[], like: readonly Part[]): Part[] {
  return parts.map((part, index): Part => {
    const was = like[index];
    if (part.kind === 'run' && was?.kind === 'repeat') {
      return { ...was, count: ONCE, piece: part.piece };
    }
    const only = was && onlyOf(was);
    if (part.kind !== 'repeat' || only?.kind !== 'repeat') return part;
    const { count, recovery, comment, piece } = part;
    return { kind: 'set', count, parts: [{ ...only, count: ONCE, piece }], recovery, comment };
  });
}

const ONCE = { from: 1, to: 1 } as const;

function isOnce(part: Part): part is Repeat {
  return part.kind === 'repeat' && part.count.to === 1 && part.recovery?.last === undefined;
}

/** The part of a set that has one. */
function onlyOf(part: Part): Part | undefined {
  return part.kind === 'set' && part.parts.length === 1 ? part.parts[0] : undefined;
}
