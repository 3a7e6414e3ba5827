import type { Between, Part, Piece, Session, Target } from './session.js';

/** Sessions are few and asked about at every key stroke. */
const known = new WeakMap<Session, readonly string[]>();

/** Every name of a pace that a session speaks of, as it was written. */
export function mentionsIn(session: Session): readonly string[] {
  const found = known.get(session) ?? session.parts.flatMap(inPart);
  known.set(session, found);
  return found;
}

function inPart(part: Part): string[] {
  switch (part.kind) {
    case 'words':
      return [];
    case 'run':
      return [
        ...inPiece(part.piece),
        ...(part.surges ? [part.surges.name] : []),
        ...(part.places ?? []).flatMap(({ target }) => inTarget(target)),
      ];
    case 'repeat':
      return [...inPiece(part.piece), ...inRecovery(part.recovery)];
    case 'ladder':
      return [...inTarget(part.target), ...inRecovery(part.recovery)];
    case 'including':
      return [...inPiece(part.piece), ...part.parts.flatMap(inPart)];
    case 'set':
      return [...part.parts.flatMap(inPart), ...inRecovery(part.recovery)];
  }
}

function inPiece({ target, inside = [] }: Piece): string[] {
  return [...inTarget(target), ...inside.map(({ name }) => name)];
}

function inRecovery(recovery: Between | undefined): string[] {
  return recovery?.kind === 'run' ? [recovery.name] : [];
}

function inTarget(target: Target | undefined): string[] {
  if (target?.kind === 'pace') return [target.name];
  if (target?.kind !== 'progression') return [];
  return [target.from, target.to].flatMap((end) => ('name' in end ? [end.name] : []));
}
