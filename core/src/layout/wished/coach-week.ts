import { phaseCharacters, type PhaseKind } from '../../spec/choices/index.js';
import type { PatternDay } from '../../spec/days/index.js';
import {
  addDays,
  type CalendarWeek,
  type CivilDate,
  differenceInDays,
  shiftWeekday,
  startOfWeek,
  type Weekday,
  weekdayOf,
  weekdays,
} from '../../base/index.js';
import { isUnder18, type ResolvedSpec } from '../../spec/index.js';
import type { HouseRules } from '../../rules/index.js';
import type { Context } from '../context/context.js';
import type { WeekKind } from '../block/week.js';
import { holdsIn } from '../written/rota.js';
import { placeDays } from './place-days.js';

/** One date of the coach's week, before races, days away and amounts. */
export interface WishedDay extends PatternDay {
  date: CivilDate;
  /** True where the coach fixed the role of this very date. */
  fixed: boolean;
  /** True where the coach wants nothing added to this very date. */
  plain: boolean;
}

/** A week whose days are wished. */
export interface WeekToWish extends Pick<CalendarWeek, 'number' | 'start' | 'length'> {
  kind: WeekKind;
  phase: { kind: PhaseKind };
}

/** What of a spec says how a week is wished. */
export type CoachSpec = Pick<
  ResolvedSpec,
  'start' | 'weekStartsOn' | 'race' | 'week' | 'athlete' | 'days' | 'rotations'
>;

/** What a coach's week is worked out from. */
interface Wishing extends Pick<Context, 'rules' | 'fixedOn'> {
  spec: CoachSpec;
}

/** A week's days as the coach wishes them. */
export type CoachWeek = (week: WeekToWish) => WishedDay[];

/**
 * The coach's roles date by date: the phase's own pattern, else the block's,
 * else one worked out from run days, long run, quality and rest days. Days the
 * athlete cannot run give their role to another; what the coach fixed for a
 * date wins over all.
 */
export function coachWeek(context: Wishing): CoachWeek {
  const { spec, rules } = context;
  const anchor = startOfWeek(spec.start, spec.weekStartsOn);
  const { byPhase = [] } = spec.week;
  const mostOfAge = mostHardOfAge(spec, rules);
  const cycles = new Map<number, PatternDay[]>();
  // Weeks of a phase that bear as much are alike where the cycle is a week.
  const alike = new Map<string, readonly PatternDay[]>();
  return (week) => {
    const { start, length, kind, phase } = week;
    const own = byPhase.find((each) => each.phase === phase.kind)?.days;
    const mostHard =
      kind === 'recovery'
        ? 0
        : own
          ? Infinity
          : Math.min(phaseCharacters[phase.kind].hardDays, mostOfAge);
    const cycle = own ?? spec.week.days ?? workedOutFor(mostHard);
    const whole = cycle.length === 7 && length === 7;
    const key = `${phase.kind} ${mostHard}`;
    const days = (whole ? alike.get(key) : undefined) ?? fitted();
    if (whole) alike.set(key, days);
    const dated = days.map((day, index) => wishedDay(day, addDays(start, index)));
    return fixDates(context, kind === 'building' ? rotated(dated, week, spec) : dated);

    function fitted(): PatternDay[] {
      const first = differenceInDays(start, anchor);
      const wished = Array.from(
        { length },
        (_, index) => cycle[(first + index) % cycle.length] ?? REST,
      );
      const free = offUnavailable(wished, weekdayOf(start), spec.athlete.unavailable);
      return atMostHard(free, mostHard);
    }
  };

  /** Rest days are chosen anew where a week bears fewer hard days. */
  function workedOutFor(mostHard: number): PatternDay[] {
    const days = cycles.get(mostHard) ?? workedOut(spec, mostHard);
    cycles.set(mostHard, days);
    return days;
  }
}

/** Every field written out: days are made by the hundred at every key stroke. */
function wishedDay(
  { role, double, strength, core, mobility, addOn, cross }: PatternDay,
  date: CivilDate,
): WishedDay {
  const beside = { double, strength, core, mobility, addOn, cross };
  return { date, role, ...beside, fixed: false, plain: false };
}

const REST: PatternDay = { role: 'rest' };

/** The block's own roles: its cycle, or the week its plain answers make. */
export function rolesOf(spec: CoachSpec): PatternDay[] {
  return spec.week.days ?? workedOut(spec);
}

/** The roles that a week of the taper is given. */
export function rolesInTaper(spec: CoachSpec, rules: HouseRules): PatternDay[] {
  const mostHard = Math.min(phaseCharacters.taper.hardDays, mostHardOfAge(spec, rules));
  return spec.week.days ?? workedOut(spec, mostHard);
}

function mostHardOfAge(spec: CoachSpec, { care }: HouseRules): number {
  return isUnder18(spec) ? care.under18HardDays : Infinity;
}

/** Seven days from the first of the week on, from the plain answers. */
function workedOut(spec: CoachSpec, mostHard?: number): PatternDay[] {
  const { longRunOn, qualityOn, runOn } = placeDays(spec, mostHard);
  return weekdays.map((_, index): PatternDay => {
    const day = shiftWeekday(spec.weekStartsOn, index);
    if (day === longRunOn) return { role: 'long' };
    if (qualityOn.includes(day)) return { role: 'quality' };
    return { role: runOn.includes(day) ? 'easy' : 'rest' };
  });
}

const HARD: ReadonlySet<string> = new Set(['long', 'quality', 'semi-long']);

/** Roles of days the athlete cannot run go to the free day farthest from the hard ones, hard roles first. */
function offUnavailable(
  days: readonly PatternDay[],
  firstDay: Weekday,
  unavailable: readonly Weekday[],
): PatternDay[] {
  const placed = [...days];
  if (unavailable.length === 0) return placed;
  const isFree = (index: number) => !unavailable.includes(shiftWeekday(firstDay, index));
  for (const [index, day] of days.entries()) {
    if (isFree(index) || day.role === 'rest') continue;
    const target = HARD.has(day.role)
      ? bestFor(day, index)
      : placed.findIndex(({ role }, at) => isFree(at) && role === 'rest');
    placed[index] = REST;
    if (target >= 0) placed[target] = day;
  }
  return placed;

  function bestFor(day: PatternDay, from: number): number {
    const hard = placed.flatMap(({ role }, at) => (at !== from && HARD.has(role) ? [at] : []));
    const open = placed.flatMap(({ role }, at) => (isFree(at) && !HARD.has(role) ? [at] : []));
    const gap = (at: number) => Math.min(...hard.map((other) => Math.abs(other - at)), 7);
    const best = open.reduce((most, at) => (gap(at) > gap(most) ? at : most), open[0] ?? -1);
    // Only the long run is run the day after something hard rather than not at all.
    return best >= 0 && (gap(best) > 1 || day.role === 'long') ? best : -1;
  }
}

/** As many hard days of a week stay as its phase bears: the first, one straight after a day of rest last. */
function atMostHard(days: readonly PatternDay[], most: number): PatternDay[] {
  const hard = days.flatMap(({ role }, index) => (role === 'quality' ? [index] : []));
  if (hard.length <= most) return [...days];
  const isAfterRest = (index: number) => days[index - 1]?.role === 'rest';
  const fresh = hard.filter((index) => !isAfterRest(index));
  const kept = new Set([...fresh, ...hard.filter(isAfterRest)].slice(0, most));
  return days.map((day, index) =>
    day.role === 'quality' && !kept.has(index) ? { ...day, role: 'easy' } : day,
  );
}

/** A weekday that sessions rotate on is a quality day in every week that is built. */
function rotated(
  days: WishedDay[],
  { number, phase }: WeekToWish,
  { rotations = [] }: CoachSpec,
): WishedDay[] {
  const turning = rotations.filter(
    (rotation) =>
      typeof rotation.on === 'string' &&
      rotation.turn.some((id) => id !== null) &&
      holdsIn(rotation, { number, phase: phase.kind }),
  );
  if (turning.length === 0) return days;
  return days.map((day) =>
    day.role !== 'long' && turning.some(({ on }) => on === weekdayOf(day.date))
      ? { ...day, role: 'quality' }
      : day,
  );
}

function fixDates({ spec, fixedOn }: Pick<Wishing, 'spec' | 'fixedOn'>, days: WishedDay[]) {
  if (spec.days.length === 0 && spec.week.fixed === undefined) return days;
  return days.map((day): WishedDay => {
    const { byWeekday, role, amount, session, ...besides } = fixedOn(day.date);
    const isTwice = besides.firstRun !== undefined || besides.otherRun !== undefined;
    const { double, strength, core, mobility, addOn, cross } = besides;
    const isRun = amount !== undefined || session !== undefined;
    // A length or a session of a weekday that is not run otherwise makes a run of it.
    const opened = isRun && byWeekday && day.role === 'rest' ? 'easy' : day.role;
    return {
      ...day,
      fixed: role !== undefined || opened !== day.role,
      role: role ?? opened,
      double: double ?? (isTwice ? true : day.double),
      strength: strength ?? day.strength,
      core: core ?? day.core,
      mobility: mobility ?? day.mobility,
      plain: addOn === 'nothing',
      addOn: addOn === 'nothing' ? undefined : (addOn ?? day.addOn),
      cross: cross ?? day.cross,
    };
  });
}
