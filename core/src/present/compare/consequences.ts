import { dayWords } from '../../base/format/index.js';
import { type Level, levels } from '../../checks/index.js';
import type { Block } from '../../layout/block/index.js';
import type { ShownBlock } from '../figures/show.js';

/** A block as it is compared: its weeks, the figures shown of them, and what was found. */
export interface Compared {
  block: Pick<Block, 'weeks' | 'spec'> & {
    findings: readonly { level: Level; waived?: string | undefined; past?: boolean | undefined }[];
  };
  shown: Pick<ShownBlock, 'weeks'>;
}

/** Numbers of the weeks whose volume or long run is another than before on the same dates, or new. */
export function movedWeeks(before: Compared, after: Compared): number[] {
  const was = new Map(
    before.block.weeks.map(({ start }, index) => [start, before.shown.weeks[index]]),
  );
  return after.block.weeks.flatMap(({ start, number }) => {
    const [then, now] = [was.get(start), after.shown.weeks[number - 1]];
    return then?.volume === now?.volume && then?.longRun === now?.longRun ? [] : [number];
  });
}

/**
 * What a change brought with it, in a sentence or two: `6 weeks changed. 1 caution more.`
 * Empty where it brought nothing.
 */
export function consequenceWords(before: Compared, after: Compared): string {
  const { start, race } = after.block.spec;
  const moved = movedWeeks(before, after).length;
  const begins =
    start !== before.block.spec.start && race.date === before.block.spec.race.date
      ? [`Race day stays; the block starts on ${dayWords(start)}.`]
      : [];
  return [
    ...begins,
    ...(moved > 0 ? [`${counted(moved, 'week')} changed.`] : []),
    ...moreOrFewer(before, after),
  ].join(' ');
}

/** How many findings more or fewer stand, level by level: `1 caution more.` */
export function moreOrFewer(before: Compared, after: Compared): string[] {
  return levels.flatMap((level) => {
    const by = standing(after, level) - standing(before, level);
    return by === 0 ? [] : [`${counted(Math.abs(by), level)} ${by > 0 ? 'more' : 'fewer'}.`];
  });
}

function standing({ block: { findings } }: Compared, level: Level): number {
  return findings.filter(
    (found) => found.level === level && found.waived === undefined && !found.past,
  ).length;
}

function counted(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`;
}
