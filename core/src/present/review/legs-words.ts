import { differenceInDays } from '../../base/index.js';
import { legsAsPlanned } from '../../layout/index.js';
import type { Review } from '../../review/index.js';
import { timesDayOne } from '../figures/legs.js';

/** Multiples of day one that are no more than the scatter of a plan well run. */
const SAME = 0.1;

/**
 * How heavy the legs are this morning by what was run, against what was planned;
 * empty outside the block, or where nothing is recorded.
 */
export function legsWords({ block, today, entries }: Review): string {
  const index = differenceInDays(today, block.spec.start);
  const now = block.legs.days[index]?.value;
  if (now === undefined || entries.length === 0) return '';
  const planned = legsAsPlanned(block).days[index]?.value ?? now;
  const by = now - planned;
  const said = `Legs this morning, by what was run: ${timesDayOne(now)}`;
  if (Math.abs(by) < SAME) return `${said}, as the plan has them.`;
  const meaning =
    by > 0
      ? 'Heavier than planned: an easy day more costs nothing.'
      : 'Lighter than planned: rest that was taken, not fitness that was lost.';
  return `${said}; ${planned.toFixed(1)} had it been run as planned. ${meaning}`;
}
