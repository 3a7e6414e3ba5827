import { sum } from '../../base/index.js';
import { metresOf } from './amounts.js';
import type { Between, Part } from './session.js';

/** Metres that parts are written to hold: what is written as a time comes to none. */
export function knownMetres(parts: readonly Part[]): number {
  return sum(parts.map(metresIn));
}

function metresIn(part: Part): number {
  switch (part.kind) {
    case 'words':
      return 0;
    case 'run':
    case 'including':
      return metresOf(part.piece.amount) ?? 0;
    case 'repeat':
      return repeated(part.count.to, metresOf(part.piece.amount) ?? 0, part.recovery);
    case 'set':
      return repeated(part.count.to, knownMetres(part.parts), part.recovery);
    case 'ladder': {
      const { numbers, unit, recovery } = part;
      const rungs = numbers.map((number) => metresOf({ number, unit }) ?? 0);
      return sum(rungs) + repeated(rungs.length, 0, recovery);
    }
  }
}

function repeated(count: number, each: number, recovery: Between | undefined): number {
  const jogged = recovery?.kind === 'jog' || recovery?.kind === 'run';
  const between = jogged ? (metresOf(recovery.amount) ?? 0) : 0;
  return count * each + (recovery?.last ? count : count - 1) * between;
}
