import type { FrameWeek } from '../frame/frame.js';
import { type CivilDate, addDays, differenceInDays } from '../calendar/civil-date.js';
import { type Weekday, shiftWeekday, weekdayOf } from '../calendar/weekday.js';
import { type EventDays, raceMetres } from '../events/event-days.js';
import { perMetre } from '../longrun/limits.js';
import type { Segment } from '../longrun/lay-segments.js';
import type { HouseRules } from '../rules/house-rules.js';
import { phaseCharacters } from '../phases/kinds.js';
import { sum } from '../units/apportion.js';
import { clean } from '../units/round.js';
import { sessionWords } from './session-words.js';
import { layoutStep } from '../rules/layout-step.js';
import type { Wishes } from '../wishes/wishes.js';
import type { DayRole, WeekPattern } from './roles.js';
import { shareOut } from './share-out.js';

/** One day of a laid-out block. */
export interface Day {
  date: CivilDate;
  role: DayRole;
  /** Metres; an estimate from the easy pace when the block counts time. */
  distance: number;
  /** Seconds; an estimate from the easy pace when the block counts distance. */
  time: number;
  sessions: { shorthand: string }[];
}

/** What is laid into one week before it is dealt out. Amounts in m or s. */
export interface WeekAmounts {
  volume: number;
  /** 0 when the week has none. */
  longRun: number;
  longRunOn: CivilDate | undefined;
  segment: Segment | undefined;
  /** Easy pace as the block is laid out, and of a day as its paces stand, s/km. */
  pace: number;
  paceOn: (day: CivilDate) => number;
}

/** Days before the race nearer than which no quality day stands. */
const LAST_QUALITY_DAYS_OUT = 3;

/**
 * Deals a week's volume out to its days, exactly: races on the way and the long
 * run as laid, the rest by role over the other run days.
 *
 * @param eventDays what events ask of single days: none, less, or nothing hard
 */
export function dealWeek(
  wishes: Wishes,
  rules: HouseRules,
  pattern: WeekPattern,
  week: FrameWeek & { recovery: boolean },
  { volume, longRun, longRunOn, segment, pace, paceOn }: WeekAmounts,
  eventDays: EventDays,
): Day[] {
  const { basis } = wishes.athlete;
  const firstWeekday = weekdayOf(week.start);
  const firstDaysOut = differenceInDays(wishes.race.date, week.start);
  const dates = Array.from({ length: week.length + 1 }, (_, index) => addDays(week.start, index));
  const dateAt = (index: number): CivilDate => dates[index] ?? addDays(week.start, index);
  const roles = withRoom(
    keepingRunDays(Array.from({ length: week.length }, (_, index) => roleOf(index))),
  );
  const others = roles.flatMap((role, index) => (isOther(role) ? [index] : []));
  const raced = roles.map((role, index) => (isRaced(role) ? racedOn(index) : 0));
  const parts = shareOut(
    clean(volume - longRun - sum(raced)),
    others.map((index) => weightOf(roles[index] ?? 'easy') * runningOn(index)),
    {
      least: rules.week.shortestRun[basis],
      most: longRun > 0 ? rules.week.mostOfLongRun * longRun : Infinity,
      step: layoutStep(wishes.athlete, rules),
    },
  );
  return roles.map((role, index) => {
    const amount =
      role === 'long' ? longRun : (raced[index] ?? 0) || (parts[others.indexOf(index)] ?? 0);
    return day(index, amount > 0 || role === 'race' ? role : 'rest', amount);
  });

  function weekdayAt(index: number): Weekday {
    return shiftWeekday(firstWeekday, index);
  }

  function roleOf(index: number): DayRole {
    const daysOut = firstDaysOut - index;
    if (daysOut === 0) return 'race';
    const asked = eventDays.get(dateAt(index));
    if (asked?.race && daysOut > 0) return asked.race.kind === 'test' ? 'test' : 'tune-up';
    if (longRun > 0 && dateAt(index) === longRunOn) return 'long';
    const weekday = weekdayAt(index);
    if (daysOut < 0 || !pattern.runOn.includes(weekday) || asked?.running === 0) return 'rest';
    const mayBeHard = asked?.easy !== true && !wishes.athlete.injured;
    if (mayBeHard && isQuality(weekday) && daysOut >= LAST_QUALITY_DAYS_OUT) return 'quality';
    const beforeLong = longRun > 0 && dateAt(index + 1) === longRunOn;
    return beforeLong || daysOut === 1 ? 'short-easy' : 'easy';
  }

  function isQuality(weekday: Weekday): boolean {
    if (week.recovery) return false;
    const place = pattern.qualityOn.indexOf(weekday);
    return place >= 0 && place < hardDays(week);
  }

  /** A long run or race on a day of its own takes the place of an easy run, not of rest. */
  function keepingRunDays(found: readonly DayRole[]): DayRole[] {
    const placed = [...found];
    const running = () => placed.filter((role) => role !== 'rest' && role !== 'race').length;
    const isEasy = (index: number) => placed[index] === 'easy' || placed[index] === 'short-easy';
    while (running() > pattern.runOn.length) {
      const after = placed.findIndex((role, index) => role === 'long' && isEasy(index + 1)) + 1;
      const free = after > 0 ? after : placed.findLastIndex((_, index) => isEasy(index));
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
      placed[open((role) => isOther(role)) ?? open((role) => role === 'rest') ?? 0] = 'long';
    }
    const left = volume - longRun - week.raced * perMetre(wishes, pace);
    if (left > 1e-6 && !placed.some(isOther)) {
      placed[open((role) => role === 'rest') ?? 0] = 'easy';
    }
    return placed;

    function open(suits: (role: DayRole) => boolean): number | undefined {
      const fitting = placed.flatMap((role, index) => (suits(role) ? [index] : []));
      const before = fitting.filter((index) => index < firstDaysOut);
      const free = before.filter((index) => !wishes.athlete.unavailable.includes(weekdayAt(index)));
      return free.at(-1) ?? before.at(-1) ?? fitting.at(-1);
    }
  }

  function runningOn(index: number): number {
    // A run that the week cannot do without stays a run, however little is asked.
    return eventDays.get(dateAt(index))?.running || 1;
  }

  function racedOn(index: number): number {
    const race = eventDays.get(dateAt(index))?.race;
    return Math.min(raceMetres(race) * perMetre(wishes, pace), volume - longRun);
  }

  function weightOf(role: DayRole): number {
    if (role === 'quality') return rules.week.quality;
    return role === 'short-easy' ? rules.week.shortEasy : 1;
  }

  function day(index: number, role: DayRole, amount: number): Day {
    const date = dateAt(index);
    const easy = paceOn(date);
    const distance = basis === 'time' ? Math.round((amount / easy) * 1000) : amount;
    const time = basis === 'time' ? amount : Math.round((amount * easy) / 1000);
    const sessions = amount > 0 ? [{ shorthand: wordsOf(index, role, amount) }] : [];
    return { date, role, distance, time, sessions };
  }

  function wordsOf(index: number, role: DayRole, amount: number): string {
    const race = eventDays.get(dateAt(index))?.race;
    const carried = role === 'long' ? segment : undefined;
    return sessionWords(role, amount, wishes.athlete, { race, segment: carried });
  }
}

function isRaced(role: DayRole): boolean {
  return role === 'tune-up' || role === 'test';
}

function isOther(role: DayRole): boolean {
  return role === 'quality' || role === 'easy' || role === 'short-easy';
}

function hardDays({ kind, phase }: FrameWeek): number {
  return kind === 'race' ? 1 : kind === 'recovery' ? 0 : phaseCharacters[phase.kind].hardDays;
}
