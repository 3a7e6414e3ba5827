import { type CivilDate, addDays, differenceInDays } from '../../base/civil-date.js';
import { weekdayOf } from '../../base/weekday.js';
import { type EventDays, raceMetres } from '../events/event-days.js';
import type { FrameWeek } from '../frame/frame.js';
import type { HouseRules } from '../../rules/house-rules.js';
import type { Wishes } from '../../spec/block-spec.js';
import type { WishedDay } from './coach-week.js';
import type { Swap } from '../../rules/cross-training.js';
import type { AddOn, PatternDay } from '../../spec/pattern-day.js';
import type { DayRole } from './place-days.js';

/** One day of a week with its role settled, before any amount is dealt. */
export interface PlannedDay extends Omit<PatternDay, 'role'> {
  date: CivilDate;
  role: DayRole;
  /** True where an event takes all running from the day. */
  away: boolean;
  /** Hard running that an injured athlete does without, in the water. */
  swap: Swap | undefined;
}

/** What is laid into a week before it is dealt out. Amounts in m or s. */
export interface WeekAmounts {
  volume: number;
  /** 0 when the week has none. */
  longRun: number;
  longRunOn: CivilDate | undefined;
}

type PlannedWeek = Pick<FrameWeek, 'start' | 'length' | 'kind' | 'phase'> & { recovery: boolean };

/**
 * The role of every day of a week: races and days away first, then the long
 * run, then what the coach wishes, under the rules on rest and hard days. Race
 * week is composed around race day.
 *
 * @param perMetre canonical amount of a metre
 */
export function planWeek(
  wishes: Wishes,
  rules: HouseRules,
  week: PlannedWeek,
  wished: readonly WishedDay[],
  { volume, longRun, longRunOn }: WeekAmounts,
  eventDays: EventDays,
  perMetre: number,
): PlannedDay[] {
  const raceDay = wishes.race.date;
  const firstDaysOut = differenceInDays(raceDay, week.start);
  const composed = week.kind === 'race' ? aroundRace(wished) : wished;
  const wishedRuns = wished.filter((day) => isRunning(day.role)).length;
  const roles = withRoom(keepingRunDays(withSemiLong(composed.map(roleOf))));
  return roles.map((role, index): PlannedDay => {
    const day = composed[index];
    const date = day?.date ?? addDays(week.start, index);
    const runs = role !== 'rest' && role !== 'race';
    return {
      date,
      role,
      away: eventDays.get(date)?.running === 0,
      double: runs && isPlain(role) && day?.double,
      strength: day?.strength === true && role !== 'race' && !week.recovery,
      addOn: runs ? addOnOf(day, firstDaysOut - index) : undefined,
      cross: day?.cross,
      swap: instead(day, role),
    };
  });

  /** Strides the day before the race; nothing quick for an injured athlete. */
  function addOnOf(day: WishedDay | undefined, daysOut: number): AddOn | undefined {
    const addOn = day?.addOn ?? (daysOut === 1 && !day?.plain ? 'strides' : undefined);
    return wishes.athlete.injured && addOn !== 'drills' ? undefined : addOn;
  }

  /** Pool running minute for minute where an injured athlete would have run hard. */
  function instead(day: WishedDay | undefined, role: DayRole): Swap | undefined {
    const hard = day?.role === 'quality' && !week.recovery && isOther(role);
    return wishes.athlete.injured && hard ? { kind: 'pool', reason: 'soreness' } : undefined;
  }

  function roleOf(day: WishedDay, index: number): DayRole {
    const daysOut = firstDaysOut - index;
    if (daysOut === 0) return 'race';
    const asked = eventDays.get(day.date);
    if (asked?.race && daysOut > 0) return asked.race.kind === 'test' ? 'test' : 'tune-up';
    if (longRun > 0 && day.date === longRunOn) return 'long';
    if (daysOut < 0 || asked?.running === 0) return 'rest';
    const mayBeHard =
      asked?.easy !== true &&
      !wishes.athlete.injured &&
      (day.fixed || !week.recovery) &&
      daysOut >= rules.raceWeek.lastSession;
    const role = day.role === 'quality' && !mayBeHard ? 'easy' : day.role;
    if (role === 'long') return 'easy';
    const beforeLong = longRun > 0 && addDays(day.date, 1) === longRunOn;
    const short = role === 'easy' && !day.fixed && (beforeLong || daysOut === 1);
    return short ? 'short-easy' : role;
  }

  /** One easy day in mid-week, farthest from the long run, where the week is large enough. */
  function withSemiLong(found: readonly DayRole[]): DayRole[] {
    const placed = [...found];
    const byPhase = wishes.week.byPhase?.some(({ phase }) => phase === week.phase.kind);
    const own = wishes.week.days !== undefined || byPhase === true;
    const from = rules.week.semiLongFrom[wishes.athlete.basis];
    const long = placed.indexOf('long');
    if (own || long < 0 || volume < from || week.kind !== 'building' || week.recovery)
      return placed;
    const others = placed.filter(isOther).length;
    const wouldBe = (rules.week.semiLong * (volume - longRun)) / (others + rules.week.semiLong - 1);
    // Beside a short long run it would be a second one.
    if (wouldBe > rules.week.mostOfLongRun * longRun) return placed;
    const apart = (index: number) => Math.min(Math.abs(index - long), 7 - Math.abs(index - long));
    const easy = placed.flatMap((role, index) =>
      role === 'easy' && apart(index) > 2 && composed[index]?.fixed !== true ? [index] : [],
    );
    const best = easy.reduce((most, at) => (apart(at) > apart(most) ? at : most), easy[0] ?? -1);
    if (best >= 0) placed[best] = 'semi-long';
    return placed;
  }

  /** Rest moves to the wished days before the race; the day it leaves is run. */
  function aroundRace(days: readonly WishedDay[]): WishedDay[] {
    const at = firstDaysOut - rules.raceWeek.restDaysOut;
    const target = days[at];
    if (rules.raceWeek.restDaysOut === 0 || !target || target.fixed || target.role === 'rest') {
      return [...days];
    }
    const free = days.findLastIndex(
      (day, index) =>
        day.role === 'rest' &&
        !day.fixed &&
        index < firstDaysOut &&
        !wishes.athlete.unavailable.includes(weekdayOf(day.date)),
    );
    return days.map((day, index) => {
      if (index === at) return { ...day, role: 'rest' };
      return index === free ? { ...day, role: 'easy' } : day;
    });
  }

  /** A long run or race on a day of its own takes the place of an easy run, not of rest. */
  function keepingRunDays(found: readonly DayRole[]): DayRole[] {
    const placed = [...found];
    const running = () => placed.filter((role) => isRunning(role)).length;
    const mayGo = (index: number) =>
      isPlain(placed[index] ?? 'rest') && composed[index]?.fixed !== true;
    while (running() > wishedRuns) {
      const after = placed.findIndex((role, index) => role === 'long' && mayGo(index + 1)) + 1;
      const free = after > 0 ? after : placed.findLastIndex((_, index) => mayGo(index));
      if (free < 0) break;
      placed[free] = 'rest';
    }
    return placed;
  }

  /**
   * What is laid or pinned must be run: a short or race week whose days hold no
   * long run day, or no run day at all, opens one.
   */
  function withRoom(found: readonly DayRole[]): DayRole[] {
    const placed = [...found];
    if (longRun > 0 && !placed.includes('long')) {
      placed[open(isOther) ?? open((role) => role === 'rest') ?? 0] = 'long';
    }
    const raced = placed.reduce(
      (total, role, index) => total + (isRaced(role) ? racedOn(index) * perMetre : 0),
      0,
    );
    if (volume - longRun - raced > 1e-6 && !placed.some(isOther)) {
      placed[open((role) => role === 'rest') ?? open((role) => role === 'cross-train') ?? 0] =
        'easy';
    }
    return placed;

    function open(suits: (role: DayRole) => boolean): number | undefined {
      const fitting = placed.flatMap((role, index) => (suits(role) ? [index] : []));
      const before = fitting.filter((index) => index < firstDaysOut);
      const free = before.filter(
        (index) => !wishes.athlete.unavailable.includes(weekdayOf(addDays(week.start, index))),
      );
      return free.at(-1) ?? before.at(-1) ?? fitting.at(-1);
    }
  }

  function racedOn(index: number): number {
    return raceMetres(eventDays.get(addDays(week.start, index))?.race);
  }
}

/** True for roles that are run, the goal race aside. */
function isRunning(role: string): boolean {
  return role !== 'rest' && role !== 'race' && role !== 'cross-train';
}

export function isRaced(role: DayRole): boolean {
  return role === 'tune-up' || role === 'test';
}

/** Runs that share what long run and races leave of a week. */
export function isOther(role: DayRole): boolean {
  return isRunning(role) && role !== 'long' && !isRaced(role);
}

/** Runs that nothing hangs on. */
function isPlain(role: DayRole): boolean {
  return role === 'easy' || role === 'short-easy' || role === 'recovery';
}
