import type { Block } from '../../layout/block/index.js';
import type { OwnPhase } from '../../spec/index.js';

/** The phases as they are laid out, as the coach's own. */
export function ownPhasesOf({ phases }: Block): OwnPhase[] {
  return phases.map(({ kind, name, weeks, closes }) => ({
    kind,
    name,
    weeks,
    ...(closes && { closes }),
  }));
}

/** Phases that end at the race. */
const LAST: ReadonlySet<OwnPhase['kind']> = new Set(['taper', 'race-week']);

/** Phases so many weeks longer or shorter: the last before the taper takes it, and what it cannot give the one before. */
export function stretched(phases: readonly OwnPhase[], by: number): OwnPhase[] {
  const resized = [...phases];
  let left = by;
  for (let at = resized.findLastIndex(({ kind }) => !LAST.has(kind)); at >= 0; at--) {
    const phase = resized[at];
    if (!phase) continue;
    const weeks = Math.max(0, phase.weeks + left);
    left -= weeks - phase.weeks;
    resized[at] = { ...phase, weeks };
  }
  return resized.filter(({ weeks }) => weeks > 0);
}
