import { formatPlain } from '../base/format/index.js';
import type { Measure } from '../base/index.js';
import { withPin } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';

export type PinField = 'volume' | 'longRun';

/** What is fixed of a week. */
export interface Pinned {
  week: number;
  field: PinField;
}

const OF: Readonly<Record<PinField, string>> = { volume: '', longRun: '’s long run' };

/** Fixes a week's volume or long run at an amount in m or s. */
export function pinWeek(
  { spec }: Block,
  { week, field }: Pinned,
  amount: number,
  measure: Measure,
): Command {
  const words = `Fixed week ${week}${OF[field]} at ${formatPlain(amount, measure)}.`;
  return { change: { pins: withPin(spec.pins, week, field, amount) }, message: words };
}

/** Leaves a week's volume or long run to the product again. */
export function unpinWeek({ spec }: Block, week: number, field: PinField): Command {
  const words = `Freed week ${week}${OF[field]}.`;
  return { change: { pins: withPin(spec.pins, week, field, undefined) }, message: words };
}
