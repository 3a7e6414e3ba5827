import { shiftWeekday, type Weekday } from '../../base/index.js';
import type { Athlete, BlockSpec, WeekSpec } from '../../spec/index.js';
import { recentVolume } from './recent-volume.js';
import { usualRunDays } from './usual-run-days.js';

/** Run days from which a week bears two quality days (policy). */
const FOR_TWO = 5;

/** Run days, long run, quality and rest days, where not given. */
export function suggestWeek(given: BlockSpec, athlete: Athlete, weekStartsOn: Weekday): WeekSpec {
  const { days, byPhase } = given.week ?? {};
  const usual = usualRunDays(athlete, given.volume?.start ?? recentVolume(athlete), given.engine);
  const free = 7 - athlete.unavailable.length;
  const runDays = given.week?.runDays ?? Math.max(2, Math.min(usual, free));
  const longRunOn = given.week?.longRunOn ?? usualLongRunDay(athlete, weekStartsOn);
  return {
    runDays,
    longRunOn,
    qualityOn: given.week?.qualityOn ?? usualQualityDays(athlete, longRunOn, runDays),
    restOn: given.week?.restOn ?? [],
    doubles: given.week?.doubles ?? 'shorter-first',
    outdoorRuns: given.week?.outdoorRuns,
    pairs: given.week?.pairs,
    midweek: given.week?.midweek,
    fixed: given.week?.fixed,
    days,
    byPhase,
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
  return free.slice(0, runDays >= FOR_TWO ? 2 : 1);
}
