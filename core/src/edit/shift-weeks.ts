import { plural } from '../base/format/index.js';
import { withPin } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';
import { type Command, weekWords } from './command.js';

/**
 * Moves the volumes of the chosen weeks earlier (negative) or later, as pins;
 * what stood there gives way, the weeks left behind are laid out again. Weeks
 * that would leave the block stay where they are.
 */
export function shiftWeeks(block: Block, weeks: readonly number[], by: number): Command {
  const moving = weeks.filter((week) => block.weeks[week - 1 + by] !== undefined);
  const left = moving.reduce(
    (kept, week) => withPin(kept, week, 'volume', undefined),
    block.spec.pins,
  );
  const pins = moving.reduce(
    (kept, week) => withPin(kept, week + by, 'volume', block.weeks[week - 1]?.volume),
    left,
  );
  const way = `${plural(Math.abs(by), 'week')} ${by < 0 ? 'earlier' : 'later'}`;
  return { change: { pins }, message: `Moved ${weekWords(weeks)} ${way}.` };
}
