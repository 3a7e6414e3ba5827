import { addDays } from '../base/index.js';
import { blockLength } from '../rules/index.js';
import type { Block } from '../layout/block/index.js';
import { ownPhasesOf, renumbered } from './answers/index.js';
import type { Command } from './command.js';
import type { Change } from './change.js';

/**
 * Inserts a week before `at`. Race day stays, so the block starts a week
 * earlier; pins, waivers and recovery weeks keep to the weeks they were put on.
 * Undefined where the block is as long as blocks can be.
 */
export function insertWeek(block: Block, at: number): Command | undefined {
  if (block.weeks.length >= blockLength.most) return undefined;
  const moved = (week: number) => (week >= at ? week + 1 : week);
  return { change: lengthened(block, at, 1, moved), message: `Inserted a week before week ${at}.` };
}

/** Drops week `at`; the block starts a week later. Undefined where it is as short as blocks can be. */
export function dropWeek(block: Block, at: number): Command | undefined {
  if (block.weeks.length <= blockLength.least) return undefined;
  const moved = (week: number) => (week > at ? week - 1 : week === at ? undefined : week);
  return { change: lengthened(block, at, -1, moved), message: `Removed week ${at}.` };
}

function lengthened(
  block: Block,
  at: number,
  by: 1 | -1,
  moved: (week: number) => number | undefined,
): Change {
  const { spec } = block;
  const { weeks, start, phases } = spec;
  return {
    ...renumbered(spec, moved),
    weeks: weeks + by,
    start: addDays(start, -7 * by),
    phases: phases.layout === 'own' ? { layout: 'own', own: resized(block, at, by) } : phases,
  };
}

/** The phase that holds the week takes the change; one that loses its last week goes. */
function resized(block: Block, at: number, by: 1 | -1) {
  const holds = block.phases.findIndex(
    ({ firstWeek, weeks }) => at >= firstWeek && at < firstWeek + weeks,
  );
  return ownPhasesOf(block)
    .map((phase, index) => (index === holds ? { ...phase, weeks: phase.weeks + by } : phase))
    .filter(({ weeks }) => weeks > 0);
}
