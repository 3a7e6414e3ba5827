import type { BlockEvent } from '../events/event.js';
import type { Segment } from '../longrun/lay-segments.js';
import { formatPlain } from '../units/format.js';
import { apportion } from '../units/apportion.js';
import { type Measure, shownUnit } from '../units/measure.js';
import type { DayRole } from './roles.js';

/**
 * A day's running in plain words: `9 km easy`, `20 km easy; 8 km @ race pace`.
 *
 * @param amount m or s, as the block counts
 */
export function sessionWords(
  role: DayRole,
  amount: number,
  counted: Pick<Measure, 'basis' | 'unit'>,
  { race, segment }: { race: BlockEvent | undefined; segment: Segment | undefined },
): string {
  const tenth = shownUnit(counted) / 10;
  const say = (part: number) => formatPlain(part, counted);
  if (race && (role === 'tune-up' || role === 'test')) return race.name;
  if (role === 'quality') return `${say(amount)} quality`;
  if (!segment) return `${say(amount)} easy`;
  // Shown in tenths, the stretches still add up to the run.
  const [before = 0, held = 0, after = 0] = apportion(
    [segment.before, segment.amount, segment.after],
    tenth,
  ).map((tenths) => tenths * tenth);
  return [
    before > 0 ? `${say(before)} easy` : '',
    `${say(held)} @ ${paceWords(segment)}`,
    after > 0 ? `${say(after)} easy` : '',
  ]
    .filter(Boolean)
    .join('; ');
}

/** `race pace`, `race pace − 5 s/km`, `race pace + 45 s/km to race pace − 10 s/km`. */
export function paceWords({ offset: [start, end] }: Pick<Segment, 'offset'>): string {
  return start === end ? against(start) : `${against(start)} to ${against(end)}`;
}

function against(offset: number): string {
  if (offset === 0) return 'race pace';
  return `race pace ${offset > 0 ? '+' : '−'} ${Math.abs(offset)} s/km`;
}
