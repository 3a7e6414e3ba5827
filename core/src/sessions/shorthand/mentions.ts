import type { Part, Session, Target } from './session.js';

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
      return [...inTarget(part.piece.target), ...(part.surges ? [part.surges.name] : [])];
    case 'repeat':
      return inTarget(part.piece.target);
    case 'ladder':
      return inTarget(part.target);
    case 'set':
      return part.parts.flatMap(inPart);
  }
}

function inTarget(target: Target | undefined): string[] {
  if (target?.kind === 'pace') return [target.name];
  return target?.kind === 'progression' ? [target.from.name, target.to.name] : [];
}
