import { differenceInDays } from '../../base/index.js';
import { leastDaysToPeak } from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import type { Frame } from '../frame/frame.js';
import type { LongRunDay } from './long-run-day.js';

/**
 * Index of the week with the last peak long run: the one whose long run falls
 * nearest to the wished weeks before race day, recovery weeks left out.
 */
export function lastPeakIndex(
  { spec, rules }: Context,
  frame: Frame,
  days: readonly Pick<LongRunDay, 'date' | 'cut'>[],
): number {
  const { lastPeakWeeksOut } = spec.longRun;
  const leastDaysOut = leastDaysToPeak(Math.min(lastPeakWeeksOut, rules.longRun.leastWeeksOut));
  let best = 0;
  let nearest = Infinity;
  for (const [index, week] of frame.weeks.entries()) {
    const { date, cut = false } = days[index] ?? {};
    const builds = week.kind === 'building' || week.kind === 'taper';
    if (!date || !builds || cut || week.running < 1) continue;
    const daysOut = differenceInDays(spec.race.date, date);
    // Nobody asked for one too near the race.
    if (daysOut < leastDaysOut) continue;
    // Where its own week cannot hold it, it comes sooner: none is put off into the taper.
    if (week.kind === 'taper' && Math.round(daysOut / 7) < lastPeakWeeksOut) continue;
    const away = Math.abs(daysOut - 7 * lastPeakWeeksOut);
    if (away < nearest) [best, nearest] = [index, away];
  }
  return best;
}
