import type { Context } from '../context/context.js';
import type { FrameWeek } from '../frame/frame.js';
import { datesOf, weekOfPast } from '../past/past.js';
import type { LaidLongRun } from './laid-long-run.js';

/**
 * The long run of a week as it was handed out, where the week is over or the
 * run is; undefined where it is still to come.
 */
export function longRunOfPast({ past, spec }: Context, week: FrameWeek): LaidLongRun | undefined {
  if (past.asOf === undefined || week.start >= past.asOf) return undefined;
  const whole = weekOfPast(past, week);
  const days = whole ?? datesOf(week).flatMap((date) => past.on(date) ?? []);
  const run = days.find(({ day }) => day.role === 'long');
  if (whole) {
    const then = whole.at(-1)?.week;
    return then && { longRun: then.longRun, rule: then.longRunRule, date: run?.day.date };
  }
  if (!run) return undefined;
  const { day, week: then } = run;
  // A second run on its day is none of it.
  const runs = day.sessions.filter(({ kind }) => kind === 'run');
  const amounts = runs.map((each) => each[spec.athlete.basis]);
  const longRun = day.swap ? then.longRun : Math.max(0, ...amounts);
  return { longRun, rule: then.longRunRule, date: day.date };
}
