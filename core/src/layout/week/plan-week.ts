import type { DayRole, LaidSwap, PatternDay } from '../../spec/days/index.js';
import { addDays, type CivilDate, differenceInDays, weekdayOf } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { raceMetres, racedIn } from '../events/event-days.js';
import type { FrameWeek } from '../frame/frame.js';
import { type Past, noPast } from '../past/past.js';
import type { WishedDay } from '../wished/coach-week.js';
import { indoorDays } from './indoor-days.js';
import { roleAsWritten } from './as-written.js';
import { addOnOf, worksOf, stridesIn, type WeekOfRoles } from './goes-with-runs.js';
import { isOther, isPlain, isRaced, isRunning } from './roles.js';
import { withMovedRuns } from './days-away.js';
import { composeRaceDays } from './race-days.js';
import { withRestMoved } from './rest-moved.js';

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
interface Planning extends WeekOfRoles {
  week: WeekToPlan;
  amounts: WeekAmounts;
  /** Days that are over. */
  past: Past;
  /** True where a race on the way is all the hard running that the week bears. */
  isRaced: boolean;
}

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

/** True where neither an event nor the race asks for easy running, or none. */
function isFreeForHard({ context, composed, firstDaysOut }: Planning, index: number): boolean {
  const asked = context.eventDays.get(composed[index]?.date ?? '');
  const { lastSession } = context.rules.raceWeek;
  return asked?.easy !== true && asked?.running !== 0 && firstDaysOut - index >= lastSession;
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

/** True beside a long run that is not run on the day wished for it: what is hard there was placed without it. */
function isBesideMoved({ week, amounts: { longRunOn } }: Planning, date: CivilDate): boolean {
  if (week.movedBeside.some((on) => Math.abs(differenceInDays(on, date)) === 1)) return true;
  if (longRunOn === undefined || Math.abs(differenceInDays(longRunOn, date)) !== 1) return false;
  return week.wished.some(({ role, date: on }) => role === 'long' && on !== longRunOn);
}

/** A quality day that a moved long run has driven off goes to the easy day farthest from it. */
function withMovedQuality(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { composed, week, context } = planning;
  const placed = [...found];
  const long = placed.indexOf('long');
  const lost = composed.some(
    ({ role, date }) => role === 'quality' && isBesideMoved(planning, date),
  );
  const isEasyWeek = week.recovery || context.spec.athlete.injured || planning.isRaced;
  const bears = !isEasyWeek && !placed.includes('quality');
  if (!lost || long < 0 || !bears) return placed;
  const apart = (index: number) => Math.abs(index - long);
  const easy = placed.flatMap((role, index) =>
    isPlain(role) &&
    apart(index) > 1 &&
    composed[index]?.fixed !== true &&
    isFreeForHard(planning, index) &&
    !isBesideMoved(planning, composed[index]?.date ?? '') &&
    !isAtHardEdge(week, index)
      ? [index]
      : [],
  );
  const afterARun = easy.filter((index) => placed[index - 1] !== 'rest');
  const open = afterARun.length > 0 ? afterARun : easy;
  const best = open.reduce((most, at) => (apart(at) > apart(most) ? at : most), open[0] ?? -1);
  if (best >= 0) placed[best] = 'quality';
  return placed;
}

/** True for a day at the edge of a week whose neighbour beyond it is usually hard: weeks are alike. */
function isAtHardEdge({ wished }: WeekToPlan, index: number): boolean {
  const beyond = index === 0 ? wished.at(-1) : index === wished.length - 1 ? wished[0] : undefined;
  return beyond?.role === 'long' || beyond?.role === 'quality';
}

/** One easy day in mid-week, farthest from the long run, where the week is large enough. */
function withSemiLong(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { composed } = planning;
  const placed = [...found];
  const long = placed.indexOf('long');
  const has = placed.includes('semi-long') && planning.past.asOf !== undefined;
  if (long < 0 || has || !bearsSemiLong(planning, placed)) return placed;
  const apart = (index: number) => Math.min(Math.abs(index - long), 7 - Math.abs(index - long));
  const easy = placed.flatMap((role, index) =>
    role === 'easy' &&
    apart(index) > 2 &&
    isUsuallyRun(composed[index]) &&
    isFreeForHard(planning, index)
      ? [index]
      : [],
  );
  const best = easy.reduce((most, at) => (apart(at) > apart(most) ? at : most), easy[0] ?? -1);
  if (best >= 0) placed[best] = 'semi-long';
  return placed;
}

/** True for a run day that nobody fixed: a run that has moved to a day of rest stands beside what is hard. */
function isUsuallyRun(day: WishedDay | undefined): boolean {
  return day?.fixed === false && day.role !== 'rest';
}

/** True for a large building week that is not the coach's own, with a long run to be shorter than. */
function bearsSemiLong(
  { context, week, amounts: { volume, longRun } }: Planning,
  roles: readonly DayRole[],
): boolean {
  const { spec, rules } = context;
  const byPhase = spec.week.byPhase?.some(({ phase }) => phase === week.phase.kind);
  const own = spec.week.days !== undefined || byPhase === true;
  const from = rules.week.semiLongFrom[spec.athlete.basis];
  const isFull = week.kind === 'building' && !week.recovery && week.running === 1;
  if (own || volume < from || !isFull) return false;
  const others = roles.filter(isOther).length;
  const wouldBe = (rules.week.semiLong * (volume - longRun)) / (others + rules.week.semiLong - 1);
  // Beside a short long run it would be a second one.
  return wouldBe <= rules.week.mostOfLongRun * longRun;
}

/** A long run or race on a day of its own takes the place of an easy run, of the one after it first, not of rest. */
function keepingRunDays({ composed, week }: Planning, found: readonly DayRole[]): DayRole[] {
  const placed = [...found];
  const wishedRuns = week.wished.filter((day) => isRunning(day.role)).length;
  const running = () => placed.filter((role) => isRunning(role)).length;
  const mayGo = (index: number) =>
    isPlain(placed[index] ?? 'rest') && composed[index]?.fixed !== true;
  while (running() > wishedRuns) {
    const after = (suits: (role: DayRole) => boolean) =>
      placed.findIndex((role, index) => suits(role) && mayGo(index + 1)) + 1;
    const free =
      after(isRaced) ||
      after((role) => role === 'long') ||
      placed.findLastIndex((_, index) => mayGo(index));
    if (free < 0) break;
    placed[free] = 'rest';
  }
  return placed;
}

/**
 * What is laid or pinned must be run: a short or race week whose days hold no
 * long run day, or no run day at all, opens one.
 */
function withRoom(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { context, amounts } = planning;
  const placed = [...found];
  const open = (suits: (role: DayRole) => boolean) => openDay(planning, placed, suits);
  if (amounts.longRun > 0 && !placed.includes('long')) {
    const day = open(isOther) ?? open((role) => role === 'rest');
    if (day !== undefined) placed[day] = 'long';
  }
  const raced = placed.reduce(
    (total, role, index) =>
      total + (isRaced(role) ? racedOn(planning, index) * context.perMetre : 0),
    0,
  );
  if (amounts.volume - amounts.longRun - raced > 1e-6 && !placed.some(isOther)) {
    // Before the race, be it in place of cross-training; after it only what the coach has fixed.
    const isBefore = (index: number) => index < planning.firstDaysOut;
    const days = [open((role) => role === 'rest'), open((role) => role === 'cross-train')].filter(
      (day) => day !== undefined,
    );
    const day = days.find(isBefore) ?? (amounts.isPinned ? days[0] : undefined);
    if (day !== undefined) placed[day] = 'easy';
  }
  return placed;
}

/** The last day before the race that suits, one the athlete can run where there is one. */
function openDay(
  { context, week, past, firstDaysOut }: Planning,
  placed: readonly DayRole[],
  suits: (role: DayRole) => boolean,
): number | undefined {
  const isOpen = (index: number) => !past.on(addDays(week.start, index));
  const fitting = placed.flatMap((role, index) => (suits(role) && isOpen(index) ? [index] : []));
  const before = fitting.filter((index) => index < firstDaysOut);
  const { unavailable } = context.spec.athlete;
  const free = before.filter(
    (index) => !unavailable.includes(weekdayOf(addDays(week.start, index))),
  );
  return free.at(-1) ?? before.at(-1) ?? fitting.at(-1);
}

function racedOn({ context, week }: Planning, index: number): number {
  return raceMetres(context.eventDays.get(addDays(week.start, index))?.race);
}
