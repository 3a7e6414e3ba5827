import { type Weekday, shiftWeekday } from '../calendar/weekday.js';
import { type PatternDay, type PatternRole, isRun } from '../week/pattern-day.js';
import type { Athlete, Given, WeekWish } from '../wishes/wishes.js';

const USUAL_RUN_DAYS = 5;
const OFTEN_HURT_RUN_DAYS = 3;

/** Run days, long run, quality and rest days, where not given. */
export function suggestWeek(given: Given, athlete: Athlete, weekStartsOn: Weekday): WeekWish {
  const { days, byPhase } = given.week ?? {};
  // The plain answers are read off a pattern, so that the two never disagree.
  if (days) return { ...answersOf(days, weekStartsOn), days, byPhase };
  const usual = athlete.oftenHurt ? OFTEN_HURT_RUN_DAYS : USUAL_RUN_DAYS;
  const free = 7 - athlete.unavailable.length;
  const runDays = given.week?.runDays ?? Math.max(2, Math.min(usual, free));
  const longRunOn = given.week?.longRunOn ?? usualLongRunDay(athlete, weekStartsOn);
  return {
    runDays,
    longRunOn,
    qualityOn: given.week?.qualityOn ?? usualQualityDays(athlete, longRunOn, runDays),
    restOn: given.week?.restOn ?? [],
    byPhase,
  };
}

function answersOf(days: readonly PatternDay[], weekStartsOn: Weekday): Omit<WeekWish, 'days'> {
  const first = days.slice(0, 7);
  const on = (role: PatternRole) =>
    first.flatMap((day, index) => (day.role === role ? [shiftWeekday(weekStartsOn, index)] : []));
  return {
    runDays: Math.max(2, first.filter(({ role }) => isRun(role)).length),
    longRunOn: on('long')[0] ?? shiftWeekday(weekStartsOn, 6),
    qualityOn: on('quality'),
    restOn: on('rest'),
  };
}

function usualLongRunDay({ unavailable }: Athlete, weekStartsOn: Weekday): Weekday {
  const last = shiftWeekday(weekStartsOn, 6);
  const wished: Weekday[] = ['sunday', 'saturday', last];
  return wished.find((day) => !unavailable.includes(day)) ?? last;
}

/** Two and five days after the long run: an easy day at least lies between all three. */
function usualQualityDays(athlete: Athlete, longRunOn: Weekday, runDays: number): Weekday[] {
  if (athlete.oftenHurt) return [];
  const days = [shiftWeekday(longRunOn, 2), shiftWeekday(longRunOn, 5)];
  const free = days.filter((day) => !athlete.unavailable.includes(day));
  return free.slice(0, runDays >= USUAL_RUN_DAYS ? 2 : 1);
}
