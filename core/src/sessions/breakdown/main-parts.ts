import type { Part } from '../shorthand/session.js';

/** Without the easy running at either end. */
export function mainParts(parts: readonly Part[]): readonly Part[] {
  const isMain = (part: Part) => part.kind !== 'words' && !(part.kind === 'run' && isEasyRun(part));
  const first = parts.findIndex(isMain);
  const last = parts.findLastIndex(isMain);
  return first < 0 ? parts : parts.slice(first, last + 1);
}

/** True for a run that is easy but for what is said of its parts. */
export function isEasyRun({ piece: { target } }: Extract<Part, { kind: 'run' }>): boolean {
  return target === undefined || (target.kind === 'pace' && target.name === 'easy');
}
