import type { FrameWeek } from '../frame/frame.js';
import { type CivilDate, addDays, differenceInDays } from '../calendar/civil-date.js';
import { type Weekday, shiftWeekday, weekdayOf } from '../calendar/weekday.js';
import type { HouseRules } from '../rules/house-rules.js';
import { phaseCharacters } from '../phases/kinds.js';
import { formatPlain } from '../units/format.js';
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

/** Days before the race nearer than which no quality day stands. */
const LAST_QUALITY_DAYS_OUT = 3;

/**
 * Deals a week's volume out to its days, exactly: the long run as laid, the
 * rest by role over the other run days.
 *
 * @param volume m or s, as the block counts
 * @param longRun m or s; 0 when the week has none
 * @param pace easy pace, s/km
 */
export function dealWeek(
  wishes: Wishes,
  rules: HouseRules,
  pattern: WeekPattern,
  week: FrameWeek & { recovery: boolean },
  { volume, longRun, pace }: { volume: number; longRun: number; pace: number },
): Day[] {
  const { basis } = wishes.athlete;
  const firstWeekday = weekdayOf(week.start);
  const firstDaysOut = differenceInDays(wishes.race.date, week.start);
  const roles = withRoom(Array.from({ length: week.length }, (_, index) => roleOf(index)));
  const others = roles.flatMap((role, index) => (isOther(role) ? [index] : []));
  const parts = shareOut(
    volume - longRun,
    others.map((index) => weightOf(roles[index] ?? 'easy')),
    {
      least: rules.week.shortestRun[basis],
      most: longRun > 0 ? rules.week.mostOfLongRun * longRun : Infinity,
      step: layoutStep(wishes.athlete, rules),
    },
  );
  return roles.map((role, index) => {
    const amount = role === 'long' ? longRun : (parts[others.indexOf(index)] ?? 0);
    return day(addDays(week.start, index), amount > 0 || role === 'race' ? role : 'rest', amount);
  });

  function weekdayAt(index: number): Weekday {
    return shiftWeekday(firstWeekday, index);
  }

  function roleOf(index: number): DayRole {
    const daysOut = firstDaysOut - index;
    if (daysOut === 0) return 'race';
    const weekday = weekdayAt(index);
    if (daysOut < 0 || !pattern.runOn.includes(weekday)) return 'rest';
    if (weekday === pattern.longRunOn && longRun > 0) return 'long';
    if (isQuality(weekday) && daysOut >= LAST_QUALITY_DAYS_OUT) return 'quality';
    const beforeLong = weekdayAt(index + 1) === pattern.longRunOn && longRun > 0;
    return beforeLong || daysOut === 1 ? 'short-easy' : 'easy';
  }

  function isQuality(weekday: Weekday): boolean {
    if (week.recovery) return false;
    const place = pattern.qualityOn.indexOf(weekday);
    return place >= 0 && place < hardDays(week);
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
    if (volume - longRun > 0 && !placed.some(isOther)) {
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

  function weightOf(role: DayRole): number {
    if (role === 'quality') return rules.week.quality;
    return role === 'short-easy' ? rules.week.shortEasy : 1;
  }

  function day(date: CivilDate, role: DayRole, amount: number): Day {
    const distance = basis === 'time' ? Math.round((amount / pace) * 1000) : amount;
    const time = basis === 'time' ? amount : Math.round((amount * pace) / 1000);
    const word = role === 'quality' ? 'quality' : 'easy';
    const shorthand = `${formatPlain(amount, wishes.athlete)} ${word}`;
    const sessions = amount > 0 ? [{ shorthand }] : [];
    return { date, role, distance, time, sessions };
  }
}

function isOther(role: DayRole): boolean {
  return role === 'quality' || role === 'easy' || role === 'short-easy';
}

function hardDays({ kind, phase }: FrameWeek): number {
  return kind === 'race' ? 1 : kind === 'recovery' ? 0 : phaseCharacters[phase.kind].hardDays;
}
