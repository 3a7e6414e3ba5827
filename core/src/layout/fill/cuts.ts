import type { Basis, CivilDate } from '../../base/index.js';
import { addDays, differenceInDays, floorTo, sum, weekdayOf } from '../../base/index.js';
import {
  LAST_DAYS,
  LONGEST_IN_QUIET_DAYS,
  nearRaceLimit,
  quietDays,
  shortestRun,
} from '../../rules/limits/index.js';
import { runDaysOf } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { Day } from '../block/day.js';
import type { EventDay } from '../events/event-days.js';
import { type FrameWeek, shareOn } from '../frame/frame.js';
import type { PlannedDay } from '../week/planning.js';
import { isOther } from '../week/roles.js';

/** What a run is cut to, against the same weekday of a heavier week. Amounts in m or s. */
export interface Cut {
  amount: number;
  /** It is no longer than this. */
  most: number;
  /** True where the day that it is cut from was run twice. */
  twice: boolean;
}

/** A week whose runs are those of a heavier one, cut. */
export interface Cuts {
  of: (day: PlannedDay) => Cut;
  /**
   * Set where the week is the sum of its runs, whatever volume was meant for it: the
   * most that they and the long run may come to.
   */
  atMost?: number;
  /** Set where no day, run twice or not, is more than what is left of it. */
  byDay?: true;
  /** Set where an event takes from the week: what it frees lands nowhere, be a run left out. */
  byEvent?: true;
}

/** A week that others are cut from, by weekday. */
interface Uncut {
  /** What was run on a day like this, and the longest run of it. */
  on: (day: PlannedDay) => { whole: number; longest: number; twice: boolean };
  /** The longest easy run; Infinity where there is none. */
  easy: number;
}

/** What the runs of a week were, to be cut; a run on a day that rested then is the shortest easy one. */
function uncut({ spec, rules, step }: Context, days: readonly Day[]): Uncut {
  const { basis } = spec.athlete;
  const runs = days.filter((day) => isOther(day.role) && day[basis] > 0);
  const easy = runs.filter(({ role }) => role !== 'quality' && role !== 'semi-long');
  const amounts = (easy.length > 0 ? easy : runs).map((day) => longestOf(day, basis));
  const shortest = amounts.length > 0 ? Math.min(...amounts) : rules.week.shortestRun[basis];
  const least = shortestRun(rules, basis, step);
  const by = new Map(runs.map((day) => [weekdayOf(day.date), day]));
  const plain = runs.filter(({ role }) => role === 'easy').map((day) => longestOf(day, basis));
  const hard = runs.filter(({ role }) => role === 'quality').map((day) => longestOf(day, basis));
  const session = hard.length > 0 ? Math.min(...hard) : shortest;
  const short = Math.max(least, floorTo(rules.week.shortEasy * shortest, step));
  const rested = (role: PlannedDay['role']) =>
    role === 'short-easy' ? Math.min(shortest, short) : shortest;
  return {
    easy: plain.length > 0 ? Math.max(...plain) : Infinity,
    on: ({ date, double, role }) => {
      const day = by.get(weekdayOf(date));
      if (!day) {
        const usual = role === 'quality' && hasLongRunOn(days, date) ? session : rested(role);
        return { whole: usual, longest: usual, twice: false };
      }
      // The day before a long run that has moved is short, whatever its weekday is.
      const isShort = role === 'short-easy' && day.role !== 'short-easy';
      const whole = day[basis];
      if (isShort) return { whole: rules.week.shortEasy * whole, longest: whole, twice: false };
      const longer = longestOf(day, basis);
      return { whole, longest: double ? whole : longer, twice: longer < whole };
    },
  };
}

/** Whether the weekday of a date is the long run’s: a session on it is as long as on any other. */
function hasLongRunOn(days: readonly Day[], date: CivilDate): boolean {
  const long = days.find(({ role }) => role === 'long');
  return long !== undefined && weekdayOf(long.date) === weekdayOf(date);
}

/** A part of a day; of one that was run twice no more than its longer run. */
function cutTo(part: number, { whole, longest }: ReturnType<Uncut['on']>): number {
  return Math.min(whole * part, longest);
}

/** The longer run of a day that was run twice. */
function longestOf(day: Day, basis: Basis): number {
  const runs = day.sessions.filter(({ kind }) => kind === 'run');
  const amounts = runs.map((run) => (basis === 'time' ? run.time : run.distance));
  return amounts.length > 1 ? Math.max(...amounts) : day[basis];
}

/** Every run shorter than in the last building week, by the depth of recovery. */
export function recoveryCuts(context: Context, last: readonly Day[]): Cuts {
  const { spec, rules, step } = context;
  const { on } = uncut(context, last);
  const shortest = shortestRun(rules, spec.athlete.basis, step);
  return {
    byDay: true,
    of: (day) => {
      const before = on(day);
      const least = Math.min(before.longest, shortest);
      return {
        amount: Math.max(least, cutTo(1 - spec.volume.recovery.depth, before)),
        most: Math.max(least, before.longest - step),
        twice: before.twice,
      };
    },
  };
}

/**
 * What an event leaves of each run of the last building week, in a week that rests of each
 * run cut by its depth: what it frees lands nowhere. On the first day back from an illness
 * the shortest run there is, on the second none longer than an easy run; on the eve of a
 * race little more than a shake-out.
 */
export function eventCuts(context: Context, last: readonly Day[], rests: boolean): Cuts {
  const { eventDays, rules, spec, step } = context;
  const shortest = rules.week.shortestRun[spec.athlete.basis];
  const { on, easy } = uncut(context, last);
  const rested = rests ? 1 - spec.volume.recovery.depth : 1;
  const running = (date: CivilDate) => Math.min(1, eventDays.get(date)?.running || 1);
  return {
    byDay: true,
    byEvent: true,
    of: (day) => {
      const before = on(day);
      const least = Math.min(before.longest, shortest);
      const left = Math.max(least, cutTo(rested * running(day.date), before));
      const { back } = eventDays.get(day.date) ?? {};
      const amount = Math.min(left, mostComingBack(back, { shortest, easy }));
      const eve = mostBeforeARace(context, day.date);
      if (eve === Infinity) return { amount, most: before.longest, twice: before.twice };
      const most = Math.max(step, floorTo(Math.min(eve, before.longest), step));
      return { amount: Math.min(amount, most), most, twice: false };
    },
  };
}

/** Longest run of a day after an illness. */
function mostComingBack(
  back: EventDay['back'],
  { shortest, easy }: { shortest: number; easy: number },
): number {
  if (back === 'first') return shortest;
  return back === 'second' ? easy : Infinity;
}

/** What the taper leaves of each run of the heaviest weeks; on the eve of the race a shake-out. */
export function taperCuts(
  context: Context,
  week: FrameWeek,
  heaviest: readonly (readonly Day[])[],
): Cuts {
  const { spec, rules, eventDays, step } = context;
  const { basis } = spec.athlete;
  const before = heaviest.map((days) => uncut(context, days));
  const leastOf = (day: PlannedDay) => {
    const days = before.map((each) => each.on(day));
    return days.reduce((least, next) => (next.longest < least.longest ? next : least));
  };
  const shortest = shortestRun(rules, basis, step);
  const long = heaviest.flat().filter(({ role }) => role === 'long');
  const longest = Math.max(0, ...long.map((day) => day[basis]));
  const short = longest > 0 ? floorTo(nearRaceLimit(longest, shortest), step) : Infinity;
  return {
    // Race week is no more than its few runs; a last session and a shake-out have their own lengths.
    atMost: week.kind === 'race' ? Infinity : week.taperShare * volumeOf(heaviest[0] ?? [], basis),
    of: (day) => {
      const whole = leastOf(day);
      const { running: asked, back } = eventDays.get(day.date) ?? { running: 1 };
      const part = shareOn(week, day.date) * Math.min(1, asked || 1);
      const easy = Math.min(...before.map((each) => each.easy));
      const amount = Math.min(cutTo(part, whole), mostComingBack(back, { shortest, easy }));
      if (!isEve(context, day.date)) {
        const quiet = isLast(context, day) ? short : mostInQuietDays(context, day.date);
        const near = Math.min(quiet, mostBeforeARace(context, day.date));
        const most = Math.min(whole.longest, near);
        const twice = whole.twice && week.kind !== 'race';
        // No run is cut to a scrap that nobody would go out for.
        return { amount: Math.max(Math.min(amount, most), Math.min(shortest, most)), most, twice };
      }
      const eve = Math.min(shakeOutOn(context, day.date), Math.max(whole.longest, shortest));
      const most = Math.max(step, floorTo(eve, step));
      return { amount: most, most, twice: false };
    },
  };
}

/** Policy: the run on the eve of a race on the way, against a shake-out, at most. */
const EVE_ON_THE_WAY = 1.5;

/** A shake-out at the easy pace of a date, in m or s. */
function shakeOutOn({ spec, rules, easyOn }: Context, date: CivilDate): number {
  const { shakeOut } = rules.raceWeek;
  return spec.athlete.basis === 'time' ? shakeOut : (shakeOut / easyOn(date)) * 1000;
}

/**
 * Longest run of a date in a week that no other stands before, to be cut from: on the eve
 * of a race, and after an illness, when its usual run is an even part of the start.
 */
export function mostUncut(context: Context, date: CivilDate): number {
  const { spec, rules, eventDays, step } = context;
  const eve = isEve(context, date) ? shakeOutOn(context, date) : Infinity;
  const most = Math.min(eve, mostBeforeARace(context, date));
  const { back, running = 1 } = eventDays.get(date) ?? {};
  if (back === undefined) return most;
  const { volume, longRun, week } = spec;
  const even = (volume.start - longRun.start) / Math.max(1, runDaysOf(week) - 1);
  const shortest = shortestRun(rules, spec.athlete.basis, step);
  const easy = Math.max(shortest, running * even);
  return Math.min(most, easy, mostComingBack(back, { shortest, easy }));
}

/** Longest run of a date: on the eve of a race on the way a little more than a shake-out. */
export function mostBeforeARace(context: Context, date: CivilDate): number {
  const isEve = context.eventDays.get(addDays(date, 1))?.race?.kind === 'tune-up-race';
  return isEve ? EVE_ON_THE_WAY * shakeOutOn(context, date) : Infinity;
}

/** Longest run of a date but the long one: in the quiet days before the race no more than the limit. */
function mostInQuietDays({ spec, rules, easyOn, step }: Context, date: CivilDate): number {
  const daysOut = differenceInDays(spec.race.date, date);
  if (daysOut >= quietDays(rules, spec.race.distance)) return Infinity;
  if (spec.athlete.basis === 'time') return LONGEST_IN_QUIET_DAYS;
  return floorTo((LONGEST_IN_QUIET_DAYS / easyOn(date)) * 1000, step);
}

/** True for an easy run of the last days before the race. */
function isLast({ spec }: Context, { date, role }: PlannedDay): boolean {
  return role !== 'quality' && differenceInDays(spec.race.date, date) <= LAST_DAYS;
}

function isEve({ spec }: Context, date: CivilDate): boolean {
  return addDays(date, 1) === spec.race.date;
}

function volumeOf(days: readonly Day[], basis: Basis): number {
  return sum(days.map((day) => day[basis]));
}

/** The days of the heaviest week of those that are laid out; of several as heavy the first and the last. */
export function heaviestOf(weeks: readonly (readonly Day[])[], basis: Basis): (readonly Day[])[] {
  const volumes = weeks.map((days) => volumeOf(days, basis));
  const most = Math.max(...volumes);
  const heaviest = weeks.filter((_, index) => (volumes[index] ?? 0) >= most - 1);
  return heaviest.length > 2 ? [...heaviest.slice(0, 1), ...heaviest.slice(-1)] : heaviest;
}
