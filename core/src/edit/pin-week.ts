import type { Block } from '../layout/block/block.js';
import { formatPlain } from '../base/format/format.js';
import type { Measure } from '../base/measure.js';
import { withPin } from '../spec/with-pin.js';
import type { Command } from './command.js';

export type PinField = 'volume' | 'longRun';

const OF: Readonly<Record<PinField, string>> = { volume: '', longRun: '’s long run' };

/** Fixes a week's volume or long run at an amount in m or s. */
export function pinWeek(
  { spec }: Block,
  week: number,
  field: PinField,
  amount: number,
  measure: Measure,
): Command {
  const words = `Pinned week ${week}${OF[field]} at ${formatPlain(amount, measure)}.`;
  return { change: { pins: withPin(spec.pins, week, field, amount) }, words };
}

/** Leaves a week's volume or long run to the product again. */
export function unpinWeek({ spec }: Block, week: number, field: PinField): Command {
  const words = `Unpinned week ${week}${OF[field]}.`;
  return { change: { pins: withPin(spec.pins, week, field, undefined) }, words };
}
