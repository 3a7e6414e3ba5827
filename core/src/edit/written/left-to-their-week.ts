import { fixedDatesOf } from '../../layout/index.js';
import type { Block, Day } from '../../layout/block/index.js';
import { type FixedDay, isRun, runRole, withFixedDay } from '../../spec/days/index.js';
import { PLACED } from './placed.js';

/** Nothing that says how long a day is, or what is run in it. */
export const UNSAID = {
  amount: undefined,
  firstRun: undefined,
  session: undefined,
  otherRun: undefined,
  follow: undefined,
} as const;

/**
 * Days that a lighter week deals anew: what the coach wrote of their lengths gives way. A
 * run stays a run, a rest a rest, and a hard day keeps its session. A long run is its week’s.
 *
 * @param kept what is fixed so far
 */
export function leftToTheirWeek(
  block: Block,
  kept: readonly FixedDay[],
  days: readonly Day[],
): FixedDay[] {
  const fixed = fixedDatesOf(block);
  return days.reduce<FixedDay[]>(
    (all, day) => {
      const wish = kept.find(({ date }) => date === day.date) ?? fixed.get(day.date);
      if (!wish || !isRun(day.role) || day.role === 'long' || PLACED.has(day.role)) return all;
      const isHard = day.hardTime > 0 && wish.session !== undefined;
      if (isHard) return all;
      const isWritten = [wish.amount, wish.session, wish.otherRun].some(
        (each) => each !== undefined,
      );
      if (!isWritten) return all;
      return withFixedDay(all, day.date, { ...UNSAID, role: runRole(day.role) });
    },
    [...kept],
  );
}
