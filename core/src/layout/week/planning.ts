import type { DayRole, LaidSwap, PatternDay } from '../../spec/days/index.js';
import { type CivilDate, differenceInDays } from '../../base/index.js';
import type { FrameWeek } from '../frame/frame.js';
import type { Past } from '../past/past.js';
import type { WishedDay } from '../wished/coach-week.js';
import type { WeekOfRoles } from './goes-with-runs.js';

/** One day of a week with its role settled, before any amount is dealt. */
export interface PlannedDay extends Omit<PatternDay, 'role'> {
  date: CivilDate;
  role: DayRole;
  /** True where an event takes all running from the day. */
  away: boolean;
  /** Hard running that an injured athlete does without, in the water. */
  swap: LaidSwap | undefined;
}

/** What is laid into a week before it is dealt out. Amounts in m or s. */
export interface WeekAmounts {
  volume: number;
  /** True where the coach fixed the volume. */
  isPinned: boolean;
  /** 0 when the week has none. */
  longRun: number;
  longRunOn: CivilDate | undefined;
}

/** A week whose roles are to be settled. */
export interface WeekToPlan extends Pick<
  FrameWeek,
  'start' | 'length' | 'kind' | 'phase' | 'running'
> {
  recovery: boolean;
  /** Its days as the coach wishes them. */
  wished: readonly WishedDay[];
  /** Days of the weeks beside it that a long run has moved to. */
  movedBeside: readonly CivilDate[];
}

/** A week while it is planned. */
export interface Planning extends WeekOfRoles {
  week: WeekToPlan;
  amounts: WeekAmounts;
  /** Days that are over. */
  past: Past;
  /** True where a race on the way is all the hard running that the week bears. */
  isRaced: boolean;
}

/** True where neither an event nor the race asks for easy running, or none. */
export function isFreeForHard(
  { context, composed, firstDaysOut }: Planning,
  index: number,
): boolean {
  const asked = context.eventDays.get(composed[index]?.date ?? '');
  const { lastSession } = context.rules.raceWeek;
  return asked?.easy !== true && asked?.running !== 0 && firstDaysOut - index >= lastSession;
}

/** True beside a long run that is not run on the day wished for it: what is hard there was placed without it. */
export function isBesideMoved(
  { week, amounts: { longRunOn } }: Planning,
  date: CivilDate,
): boolean {
  if (week.movedBeside.some((on) => Math.abs(differenceInDays(on, date)) === 1)) return true;
  if (longRunOn === undefined || Math.abs(differenceInDays(longRunOn, date)) !== 1) return false;
  return week.wished.some(({ role, date: on }) => role === 'long' && on !== longRunOn);
}
