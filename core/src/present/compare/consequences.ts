import { dayWords } from '../../base/format/index.js';
import { type CheckCode, type Level, levels } from '../../checks/index.js';
import type { Block } from '../../layout/block/index.js';
import type { ShownBlock } from '../figures/show.js';
import { checkTitles } from '../findings/check-titles.js';

/** A block as it is compared: its weeks, the figures shown of them, and what was found. */
export interface Compared {
  block: Pick<Block, 'weeks' | 'spec'> & {
    findings: readonly {
      check: CheckCode;
      level: Level;
      waived?: string | undefined;
      past?: boolean | undefined;
    }[];
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
 * What a change brought with it, in a sentence or two: `6 weeks changed. 1 caution more: long run over its share.`
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

/** Which findings more or fewer stand, level by level: `1 caution more: long run over its share.` */
export function moreOrFewer(before: Compared, after: Compared): string[] {
  return levels.flatMap((level) => {
    const [was, is] = [standing(before, level), standing(after, level)];
    return [...told(notIn(was, is), level, 'more'), ...told(notIn(is, was), level, 'fewer')];
  });
}

function standing({ block: { findings } }: Compared, level: Level): CheckCode[] {
  return findings
    .filter((found) => found.level === level && found.waived === undefined && !found.past)
    .map(({ check }) => check);
}

/** Those of `codes` that stand more often than among others. */
function notIn(others: readonly CheckCode[], codes: readonly CheckCode[]): CheckCode[] {
  const left = [...others];
  return codes.filter((code) => {
    const at = left.indexOf(code);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

function told(codes: readonly CheckCode[], level: Level, by: 'more' | 'fewer'): string[] {
  if (codes.length === 0) return [];
  const titles = [...new Set(codes)].map((code) => lowerFirst(checkTitles[code])).join(', ');
  return [`${counted(codes.length, level)} ${by}: ${titles}.`];
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

function counted(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`;
}
