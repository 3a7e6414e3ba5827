import { LAST_DAYS } from '../../rules/limits/index.js';
import type { DayRole } from '../../spec/days/index.js';
import { type CivilDate, weekdayOf } from '../../base/index.js';
import type { Context } from '../context/context.js';
import type { Past } from '../past/past.js';
import type { WishedDay } from '../wished/coach-week.js';
import { isHard } from './roles.js';

/** A week whose roles are settled but for what days away drive off. */
interface Week {
  context: Context;
  /** Days that are over. */
  past: Past;
  days: readonly WishedDay[];
  /** From its first day to the race. */
  firstDaysOut: number;
  /** True where nothing hard belongs in it. */
  isEasy: boolean;
}

/**
 * Runs of days spent elsewhere on the nearest sensible day: quality on an easy day
 * with one between it and what else is hard, an easy run on a day of rest. Never on
 * a day that is over, fixed or not the athlete's to run on. What finds no day is
 * left out, and not made up.
 */
export function withMovedRuns(week: Week, asked: readonly DayRole[]): DayRole[] {
  const placed = [...asked];
  if (!week.days.some(({ date }) => isElsewhere(week, date))) return placed;
  const lost = week.days.flatMap(({ date, role, fixed }, index) =>
    isElsewhere(week, date) && MOVED.has(role) && !fixed ? [index] : [],
  );
  const isHard = (index: number) => week.days[index]?.role === 'quality' && !week.isEasy;
  for (const from of lost.filter(isHard)) {
    const to = nearest(from, placed, (index) => bearsQuality(week, placed, index));
    if (to !== undefined) placed[to] = 'quality';
  }
  for (const from of lost) {
    const to = nearest(from, placed, (index) => placed[index] === 'rest' && isFree(week, index));
    if (to !== undefined) placed[to] = 'easy';
  }
  return placed;
}

const MOVED: ReadonlySet<string> = new Set([
  'quality',
  'semi-long',
  'easy',
  'short-easy',
  'recovery',
]);

function isElsewhere({ context }: Week, date: CivilDate): boolean {
  return context.eventDays.get(date)?.elsewhere === true;
}

/** The place that suits, nearest to the one left; the earlier of two. */
function nearest(
  from: number,
  placed: readonly DayRole[],
  suits: (index: number) => boolean,
): number | undefined {
  const fitting = placed.flatMap((_, index) => (suits(index) ? [index] : []));
  return fitting.sort((a, b) => Math.abs(a - from) - Math.abs(b - from) || a - b)[0];
}

function bearsQuality(week: Week, placed: readonly DayRole[], index: number): boolean {
  const role = placed[index];
  const isPlain = role === 'easy' || role === 'short-easy' || role === 'recovery';
  const { context, firstDaysOut, days } = week;
  const day = days[index];
  const mayBeHard =
    day !== undefined &&
    context.eventDays.get(day.date)?.easy !== true &&
    firstDaysOut - index >= context.rules.raceWeek.lastSession;
  const isBeside = isHardOn(week, placed, index - 1) || isHardOn(week, placed, index + 1);
  return isPlain && mayBeHard && !isBeside && isFree(week, index);
}

/** Beyond the week’s edges days are taken to be as in this one. */
function isHardOn({ days }: Week, placed: readonly DayRole[], index: number): boolean {
  const over = (index + days.length) % days.length;
  return isHard(over === index ? placed[index] : days[over]?.role);
}

/** True for a day that the athlete has wholly free, and nobody has fixed. */
function isFree({ context, past, days, firstDaysOut }: Week, index: number): boolean {
  const day = days[index];
  if (!day || day.fixed || past.on(day.date)) return false;
  const daysOut = firstDaysOut - index;
  const isNearRace = daysOut <= LAST_DAYS;
  const running = context.eventDays.get(day.date)?.running ?? 1;
  const isOff = context.spec.athlete.unavailable.includes(weekdayOf(day.date));
  return !isNearRace && running >= 1 && !isOff;
}
