import { daysUntilWeekday, shiftWeekday, type Weekday, weekdays } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';

/** The coach's week as it can be run: which weekdays run, and as what. */
export interface WeekPattern {
  longRunOn: Weekday;
  qualityOn: Weekday[];
  /** All run days, the long run's and the quality days among them, in week order. */
  runOn: Weekday[];
}

/**
 * Fits the coach's week to the days the athlete has. Days away win over every
 * wish: a long run or quality day that falls on one moves to the free day
 * farthest from the other hard days, a quality day only where an easy day stays
 * between. The rest of the run days go first to the days before hard ones, so
 * that rest falls after them.
 */
export function placeDays(spec: ResolvedSpec): WeekPattern {
  const { week, athlete, weekStartsOn } = spec;
  const ordered = weekdays.map((_, index) => shiftWeekday(weekStartsOn, index));
  const free = ordered.filter((day) => !athlete.unavailable.includes(day));
  const open = free.filter((day) => !week.restOn.includes(day));
  const longRunOn = free.includes(week.longRunOn)
    ? week.longRunOn
    : (open.at(-1) ?? free.at(-1) ?? week.longRunOn);

  const qualityOn: Weekday[] = [];
  for (const wished of week.qualityOn.slice(0, Math.max(0, week.runDays - 1))) {
    const hard = [longRunOn, ...week.qualityOn.filter((day) => free.includes(day)), ...qualityOn];
    const day = free.includes(wished) ? wished : farthest(open, hard);
    if (day && day !== longRunOn && !qualityOn.includes(day)) qualityOn.push(day);
  }

  const hard = new Set<Weekday>([longRunOn, ...qualityOn]);
  const others = open
    .filter((day) => !hard.has(day))
    .map((day) => ({ day, rest: restWorth(day, hard) }))
    .sort((a, b) => a.rest - b.rest)
    .map(({ day }) => day);
  const running = new Set([...hard, ...others.slice(0, Math.max(0, week.runDays - hard.size))]);
  return { longRunOn, qualityOn, runOn: ordered.filter((day) => running.has(day)) };
}

/** The open day with the most days to its nearest hard day; none under two. */
function farthest(open: readonly Weekday[], hard: readonly Weekday[]): Weekday | undefined {
  let best: Weekday | undefined;
  let most = 1;
  for (const day of open) {
    const gap = Math.min(
      ...hard.map((other) => Math.min(daysUntilWeekday(day, other), daysUntilWeekday(other, day))),
    );
    if (gap > most) [best, most] = [day, gap];
  }
  return best;
}

/** How well a day serves as rest: after a hard day well, before one badly. */
function restWorth(day: Weekday, hard: ReadonlySet<Weekday>): number {
  const after = hard.has(shiftWeekday(day, -1)) ? 1 : 0;
  const before = hard.has(shiftWeekday(day, 1)) ? 2 : 0;
  return after - before;
}
