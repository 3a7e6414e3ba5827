import type { Block } from '../layout/block/index.js';
import { ownPhasesOf } from './answers/index.js';
import type { Command } from './command.js';

/** Weeks between which the edge after phase `index` may stand: each neighbour keeps a week. */
export function edgeRange({ phases }: Block, index: number): { least: number; most: number } {
  const before = phases[index];
  const after = phases[index + 1];
  if (!before || !after) return { least: 0, most: 0 };
  return { least: before.firstWeek + 1, most: after.firstWeek + after.weeks - 1 };
}

/**
 * Moves the edge after phase `index` so that the next phase starts in `week`;
 * the phases become the coach's own. Within `edgeRange`, else as near as it allows.
 */
export function movePhaseEdge(block: Block, index: number, week: number): Command {
  const { least, most } = edgeRange(block, index);
  const first = Math.min(most, Math.max(least, week));
  const by = first - (block.phases[index + 1]?.firstWeek ?? first);
  const own = ownPhasesOf(block).map((phase, place) => {
    if (place === index) return { ...phase, weeks: phase.weeks + by };
    return place === index + 1 ? { ...phase, weeks: phase.weeks - by } : phase;
  });
  const name = block.phases[index + 1]?.name ?? '';
  return {
    change: { phases: { layout: 'own', own } },
    message: `${name} starts in week ${first}.`,
  };
}
