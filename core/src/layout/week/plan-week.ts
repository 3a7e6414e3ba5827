import type { DayRole, LaidSwap } from '../../spec/days/index.js';
import { addDays, differenceInDays } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { racedIn } from '../events/event-days.js';
import { type Past, noPast } from '../past/past.js';
import type { WishedDay } from '../wished/coach-week.js';
import { roleAsWritten } from './as-written.js';
import { withMovedRuns } from './days-away.js';
import { addOnOf, stridesIn, worksOf } from './goes-with-runs.js';
import { indoorDays } from './indoor-days.js';
import { withMovedQuality } from './moved-quality.js';
import {
  isBesideMoved,
  isFreeForHard,
  type PlannedDay,
  type Planning,
  type WeekAmounts,
  type WeekToPlan,
} from './planning.js';
import { composeRaceDays } from './race-days.js';
import { withRestMoved } from './rest-moved.js';
import { isOther } from './roles.js';
import { keepingRunDays, withRoom } from './room.js';
import { withSemiLong } from './semi-long.js';

/**
 * The role of every day of a week: races and days away first, then the long
 * run, then what the coach wishes, under the rules on rest and hard days. The last
 * days are composed back from race day.
 */
export function planWeek(context: Context, week: WeekToPlan, amounts: WeekAmounts): PlannedDay[] {
  const { asOf } = context.past;
  const planned = planDays(context, week, amounts, noPast);
  if (asOf === undefined || week.start >= asOf) return planned;
  // What is over is what it was; where that is what would be laid out, nothing to come moves.
  const stands = planned.every(({ date, role }) => {
    const then = context.past.on(date)?.day;
    // A run that found no room in its week was handed out as rest.
    return !then || then.role === role || (then.rule === 'rest' && isOther(role));
  });
  return stands ? planned : planDays(context, week, amounts, context.past);
}

function planDays(
  context: Context,
  week: WeekToPlan,
  amounts: WeekAmounts,
  past: Past,
): PlannedDay[] {
  const firstDaysOut = differenceInDays(context.spec.race.date, week.start);
  const own = context.spec.week.byPhase?.some(({ phase }) => phase === week.phase.kind) === true;
  const wished = composeRaceDays({ context, days: week.wished, firstDaysOut, own });
  const composed = wished.map((day) => (past.on(day.date) ? { ...day, fixed: true } : day));
  const isRaced = isFilledByRace(context, composed, amounts.volume);
  const planning: Planning = { context, week, amounts, past, firstDaysOut, composed, isRaced };
  const asked = composed.map((day, index) =>
    past.on(day.date)
      ? roleOf(planning, day, index)
      : roleAsWritten(context, day.date, roleOf(planning, day, index)),
  );
  const moved = withMovedRuns(
    {
      context,
      past,
      days: composed,
      firstDaysOut,
      isEasy: week.recovery || context.spec.athlete.injured,
    },
    asked,
  );
  const hard = withMovedQuality(planning, moved);
  const kept = keepingRunDays(planning, withSemiLong(planning, hard));
  const isOwn = own || context.spec.week.days !== undefined;
  const rested = isOwn
    ? kept
    : withRestMoved({ context, past, days: composed, firstDaysOut }, kept);
  const roles = withRoom(planning, rested);
  const strides = stridesIn(planning, roles);
  const indoors = indoorDays(planning, roles);
  return roles.map((role, index) => {
    const day = plannedDay(planning, role, index);
    if (strides.includes(index)) day.addOn ??= 'strides';
    if (indoors.has(index)) day.swap ??= { kind: 'pool', reason: 'indoors' };
    return day;
  });
}

function plannedDay(planning: Planning, role: DayRole, index: number): PlannedDay {
  const { context, week, firstDaysOut } = planning;
  const day = planning.composed[index];
  const date = day?.date ?? addDays(week.start, index);
  const runs = role !== 'rest' && role !== 'race';
  return {
    date,
    role,
    away: context.eventDays.get(date)?.running === 0,
    double: runs ? day?.double : undefined,
    ...worksOf(planning, index, role),
    addOn: runs ? addOnOf(context, day, firstDaysOut - index) : undefined,
    cross: day?.cross,
    swap: insteadOfHard(planning, day, role),
  };
}

/** Pool running minute for minute where an injured athlete would have run hard. */
function insteadOfHard(
  { context, week }: Planning,
  day: WishedDay | undefined,
  role: DayRole,
): LaidSwap | undefined {
  const hard = day?.role === 'quality' && !week.recovery && isOther(role);
  return context.spec.athlete.injured && hard ? { kind: 'pool', reason: 'soreness' } : undefined;
}

function roleOf(planning: Planning, day: WishedDay, index: number): DayRole {
  const { context, week, amounts, past, firstDaysOut } = planning;
  const { spec, eventDays } = context;
  const { longRun, longRunOn } = amounts;
  const then = past.on(day.date);
  if (then) return then.day.role;
  const daysOut = firstDaysOut - index;
  if (daysOut === 0) return 'race';
  const asked = eventDays.get(day.date);
  if (asked?.race && daysOut > 0) return asked.race.kind === 'test' ? 'test' : 'tune-up';
  if (longRun > 0 && day.date === longRunOn) return 'long';
  if (daysOut < 0 || asked?.running === 0) return 'rest';
  const mayBeHard =
    isFreeForHard(planning, index) &&
    !spec.athlete.injured &&
    !isBesideMoved(planning, day.date) &&
    (day.fixed || (!week.recovery && !planning.isRaced));
  const role = day.role === 'quality' && !mayBeHard ? 'easy' : day.role;
  if (role === 'long') return 'easy';
  const tomorrow = addDays(day.date, 1);
  const beforeLong = (longRun > 0 && tomorrow === longRunOn) || week.movedBeside.includes(tomorrow);
  const beforeRace = daysOut === 1 || eventDays.get(tomorrow)?.race?.kind === 'tune-up-race';
  const short = role === 'easy' && !day.fixed && (beforeLong || beforeRace);
  return short ? 'short-easy' : role;
}

/** Policy: a race of more than this part of a week's hard running is all of it. */
const FILLS = 0.5;

/** True where the races of a week leave no session room beside them. */
function isFilledByRace(
  { eventDays, rules, perMetre }: Context,
  days: readonly WishedDay[],
  volume: number,
): boolean {
  const raced = racedIn(eventDays, days);
  return raced > 0 && raced > (FILLS * rules.sessions.mostOfWeek * volume) / perMetre;
}
