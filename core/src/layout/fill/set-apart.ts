import { isUnder18 } from '../../spec/index.js';
import type { Day } from '../block/day.js';
import type { Context } from '../context/context.js';
import { dayLoad } from '../load/legs.js';
import { monotonyOf } from '../load/monotony.js';
import type { WeekToDeal } from './open-deal.js';

/** How far the days of a week are set apart, and whether its larger ones are run twice. */
export type Way = Pick<WeekToDeal, 'contrast' | 'doubled'>;

export const PLAIN: Way = { contrast: 1, doubled: false };

/**
 * Ways to make the days of a week differ more, one after the other. Farther apart its
 * easiest day is no run that anyone would go out for beside its largest.
 */
const WAYS: readonly Way[] = [
  { contrast: 1.5, doubled: false },
  { contrast: 1, doubled: true },
  { contrast: 1.5, doubled: true },
];

/**
 * The first way to deal a week whose days are not too much alike, its larger days
 * run twice where its volume allows; the one with the least alike where none is.
 */
export function setApart<T extends { days: Day[]; volume: number }>(
  { spec, rules }: Context,
  deal: (way: Way) => T,
  volume: number,
): T {
  const most = rules.week.mostMonotony;
  const mayDouble = volume >= rules.week.doublesFrom[spec.athlete.basis] && !isUnder18(spec);
  let best = deal(PLAIN);
  let least = monotonyOf(best.days.map(dayLoad));
  for (const way of WAYS) {
    if (least <= most) return best;
    if (way.doubled && !mayDouble) continue;
    const next = deal(way);
    const monotony = monotonyOf(next.days.map(dayLoad));
    // Days are set apart within the week's volume, not by taking from it.
    if (monotony < least && next.volume >= best.volume) [best, least] = [next, monotony];
  }
  return best;
}
