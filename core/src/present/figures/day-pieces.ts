import type { Day } from '../../layout/block/index.js';
import { laySession, readSession, type SessionPaces } from '../../sessions/index.js';
import { type PaceHatch, hatchOf } from './pace-hatch.js';

/** Running of one kind, one after the other. */
export interface Piece {
  /** Metres run before it on the day, and in it. */
  from: number;
  distance: number;
  hatch: PaceHatch;
  /** How it is written: `4 km easy`. */
  words: string;
}

/** One run of a day in its pieces. */
export interface RunPieces {
  shorthand: string;
  from: number;
  distance: number;
  pieces: Piece[];
}

/** The runs of a day, morning first, as they are drawn to scale. */
export function piecesOf({ sessions }: Pick<Day, 'sessions'>, paces: SessionPaces): RunPieces[] {
  let from = 0;
  return sessions
    .filter(({ kind }) => kind === 'run')
    .map(({ shorthand, distance }) => {
      const run = {
        shorthand,
        from,
        distance,
        pieces: runPieces(shorthand, distance, from, paces),
      };
      from += distance;
      return run;
    });
}

function runPieces(
  shorthand: string,
  distance: number,
  start: number,
  paces: SessionPaces,
): Piece[] {
  const read = readSession(shorthand);
  if (!read.ok) return [{ from: start, distance, hatch: 'easy', words: shorthand }];
  const { stretches, distance: laid } = laySession(read.session, paces);
  // What is run by time is of another length on paper: the day’s own figure is the truth.
  const scale = laid > 0 ? distance / laid : 0;
  const pieces: Piece[] = [];
  let from = start;
  for (const stretch of stretches) {
    const piece = {
      from,
      distance: stretch.distance * scale,
      hatch: hatchOf(stretch),
      words: stretch.words,
    };
    from += piece.distance;
    if (piece.distance > 0) pieces.push(piece);
  }
  return pieces;
}
