import { addDays, differenceInDays, weekdayOf } from '../../base/index.js';
import { runDaysOf } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { PlannedDay } from '../week/planning.js';
import { isHard, isRunning } from '../week/roles.js';

/**
 * The days of a week that the coach fixed, its rest days run easily one after the other
 * where its runs do not hold it: up to as many run days as the athlete has. A race or a
 * long run that has moved takes the place of a run.
 *
 * @param holds whether the week is held by such days
 */
export function opened(
  context: Context,
  days: readonly PlannedDay[],
  holds: (days: readonly PlannedDay[]) => boolean,
): readonly PlannedDay[] {
  const { spec } = context;
  if (spec.week.days !== undefined || spec.week.byPhase !== undefined) return days;
  const most = runDaysOf(spec.week);
  let found = days;
  while (found.filter(({ role }) => role === 'race' || isRunning(role)).length < most) {
    if (holds(found)) break;
    const place = bestToOpen(context, found);
    if (place === undefined) break;
    found = found.map((day, index) => (index === place ? { ...day, role: 'easy' } : day));
  }
  return found;
}

/** The rest day with the fewest hard days beside it, the farthest from the race of those. */
function bestToOpen(context: Context, days: readonly PlannedDay[]): number | undefined {
  const hardBeside = (index: number) =>
    [days[index - 1], days[index + 1]].filter((day) => day !== undefined && isHard(day.role))
      .length;
  const open = days.flatMap((day, index) => (mayBeRun(context, day) ? [index] : []));
  return open.sort((a, b) => hardBeside(a) - hardBeside(b) || a - b)[0];
}

/** True for a day of rest that nothing asks for: neither the coach, the athlete’s week nor the race. */
function mayBeRun(context: Context, { date, role, away }: PlannedDay): boolean {
  const { spec, rules, past, fixedOn, eventDays } = context;
  const out = differenceInDays(spec.race.date, date);
  const tomorrow = eventDays.get(addDays(date, 1))?.race;
  return (
    role === 'rest' &&
    !away &&
    out > rules.raceWeek.restDaysOut &&
    tomorrow === undefined &&
    !past.on(date) &&
    eventDays.get(date) === undefined &&
    fixedOn(date).role === undefined &&
    ![...spec.athlete.unavailable, ...spec.week.restOn].includes(weekdayOf(date))
  );
}
