import { formatPercent } from '../base/format/index.js';
import { roundTo } from '../base/index.js';
import { layoutStep, rulesOf } from '../rules/index.js';
import { withPin } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';
import { type Command, weekWords } from './command.js';

/** Pins the chosen weeks at a part of what they are, in whole steps. */
export function scaleWeeks(block: Block, weeks: readonly number[], factor: number): Command {
  const { spec } = block;
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const pins = weeks.reduce((kept, week) => {
    const laid = block.weeks[week - 1]?.volume ?? 0;
    const own = kept.find((pin) => pin.week === week)?.longRun ?? 0;
    return withPin(kept, week, 'volume', Math.max(own, roundTo(laid * factor, step)));
  }, spec.pins);
  return { change: { pins }, message: `Scaled ${weekWords(weeks)} to ${formatPercent(factor)}.` };
}
