import { addDays } from '../base/index.js';
import { blockLength } from '../rules/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';
import { ownPhasesOf } from './phase-edge.js';
import type { Change } from './change.js';

/**
 * Inserts a week before `at`. Race day stays, so the block starts a week
 * earlier; pins, waivers and recovery weeks keep to the weeks they were put on.
 * Undefined where the block is as long as blocks can be.
 */
export function insertWeek(block: Block, at: number): Command | undefined {
  if (block.weeks.length >= blockLength.most) return undefined;
  const moved = (week: number) => (week >= at ? week + 1 : week);
  return { change: renumbered(block, at, 1, moved), message: `Inserted a week before week ${at}.` };
}

/** Drops week `at`; the block starts a week later. Undefined where it is as short as blocks can be. */
export function dropWeek(block: Block, at: number): Command | undefined {
  if (block.weeks.length <= blockLength.least) return undefined;
  const moved = (week: number) => (week > at ? week - 1 : week === at ? undefined : week);
  return { change: renumbered(block, at, -1, moved), message: `Removed week ${at}.` };
}

function renumbered(
  block: Block,
  at: number,
  by: 1 | -1,
  moved: (week: number) => number | undefined,
): Change {
  const { weeks, start, pins, waivers, volume, phases, week, rotations, longRun } = block.spec;
  const { recovery, peakWeek } = volume;
  const numbered = <T extends { week?: number | undefined }>(each: T): T[] => {
    if (each.week === undefined) return [each];
    const week = moved(each.week);
    return week === undefined ? [] : [{ ...each, week }];
  };
  return {
    weeks: weeks + by,
    start: addDays(start, -7 * by),
    pins: pins.flatMap(numbered),
    waivers: waivers.flatMap(numbered),
    rotations: rotations && inWeeks(rotations, moved),
    longRun: {
      ...longRun,
      segmentWeeks: longRun.segmentWeeks?.flatMap((each) => moved(each) ?? []),
    },
    week: { ...week, fixed: week.fixed && inWeeks(week.fixed, moved) },
    volume: {
      ...volume,
      peakWeek: peakWeek === undefined ? undefined : moved(peakWeek),
      recovery: {
        ...recovery,
        weeks: recovery.weeks?.flatMap((week) => moved(week) ?? []),
      },
    },
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

/** What holds in numbered weeks, in the weeks that they have become; without what holds in none. */
export function inWeeks<T extends { weeks?: number[] | undefined }>(
  all: readonly T[],
  moved: (week: number) => number | undefined,
): T[] {
  return all.flatMap((each) => {
    if (!each.weeks) return [each];
    const weeks = each.weeks.flatMap((week) => moved(week) ?? []);
    return weeks.length > 0 ? [{ ...each, weeks }] : [];
  });
}
