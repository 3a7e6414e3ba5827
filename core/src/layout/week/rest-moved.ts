import type { DayRole } from '../../spec/days/index.js';
import { weekdayOf } from '../../base/index.js';
import { LAST_DAYS, MANY_RESTS } from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import type { Past } from '../past/past.js';
import type { WishedDay } from '../wished/coach-week.js';
import { isHard, isPlain } from './roles.js';

/** A week whose roles are settled. */
interface Week {
  context: Context;
  /** Days that are over. */
  past: Past;
  days: readonly WishedDay[];
  /** From its first day to the race. */
  firstDaysOut: number;
}

/**
 * Rest that stands the day before something hard changes places with an easy run of
 * the same week that does not: what a race, a test or days away have taken of a week
 * may have left it there. Rest that is the coach's, or the athlete's, stays.
 */
export function withRestMoved(week: Week, found: readonly DayRole[]): DayRole[] {
  const placed = [...found];
  const rests = placed.filter((role, index) => role === 'rest' && !isAway(week, index));
  if (rests.length > MANY_RESTS) return placed;
  const isStiff = (index: number) => placed[index] === 'rest' && isHard(placed[index + 1]);
  const from = placed.findIndex((_, index) => isStiff(index) && mayChange(week, index));
  if (from < 0) return placed;
  const isNearRest = (index: number) =>
    [index - 1, index + 1].some((near) => near !== from && placed[near] === 'rest');
  const open = placed.flatMap((role, index) =>
    isPlain(role) && index < placed.length - 1 && !isHard(placed[index + 1]) ? [index] : [],
  );
  const better = open.filter((index) => mayChange(week, index) && !isNearRest(index));
  // After something hard rest does most, else as near as it may to where it stood.
  const [nearest] = better.toSorted((a, b) => Math.abs(a - from) - Math.abs(b - from));
  const to = better.find((index) => isHard(placed[index - 1])) ?? nearest;
  if (to === undefined) return placed;
  // The day before something hard, and often the one after a long run.
  placed[from] = 'short-easy';
  placed[to] = 'rest';
  return placed;
}

function isAway({ context, days }: Week, index: number): boolean {
  return context.eventDays.get(days[index]?.date ?? '')?.running === 0;
}

/** True for a day that the athlete has free, nobody has fixed, and the race does not settle. */
function mayChange({ context, past, days, firstDaysOut }: Week, index: number): boolean {
  const day = days[index];
  if (!day || day.fixed || past.on(day.date) || firstDaysOut - index <= LAST_DAYS) return false;
  const { athlete, week } = context.spec;
  const isFree = ![...athlete.unavailable, ...week.restOn].includes(weekdayOf(day.date));
  return isFree && context.eventDays.get(day.date)?.running !== 0;
}
