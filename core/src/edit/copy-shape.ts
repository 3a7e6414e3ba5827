import { roundTo } from '../base/index.js';
import { layoutStep, rulesOf } from '../rules/index.js';
import { withPin } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';
import { type Command, weekWords } from './command.js';

/**
 * Gives the weeks from `target` on the shape of the chosen ones: each as much
 * above or below the first as there, starting from what the target is. What
 * reaches past the week before the race is left out.
 */
export function copyShape(block: Block, weeks: readonly number[], target: number): Command {
  const { spec } = block;
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const volumeOf = (week: number) => block.weeks[week - 1]?.volume ?? 0;
  const first = weeks[0] ?? target;
  const scale = volumeOf(first) > 0 ? volumeOf(target) / volumeOf(first) : 0;
  const pins = weeks.reduce((kept, week) => {
    const onto = target + week - first;
    if (onto >= block.weeks.length) return kept;
    const own = kept.find((pin) => pin.week === onto)?.longRun ?? 0;
    return withPin(kept, onto, 'volume', Math.max(own, roundTo(volumeOf(week) * scale, step)));
  }, spec.pins);
  return {
    change: { pins },
    message: `Copied the pattern of ${weekWords(weeks)} to week ${target}.`,
  };
}
