import { shiftWeekday, type Weekday, weekdays } from '../../base/index.js';
import type { Athlete, BlockSpec, WeekSpec } from '../../spec/index.js';
import { freeLongRunDay } from '../wished/place-days.js';
import { recentVolume } from './recent-volume.js';
import { usualLongRunDay, usualQualityDays } from './usual-hard-days.js';
import { usualRunDays } from './usual-run-days.js';

/** Run days from which a week bears two quality days (policy). */
const FOR_TWO = 5;

/** Run days, long run, quality and rest days, where not given. */
export function suggestWeek(given: BlockSpec, athlete: Athlete, weekStartsOn: Weekday): WeekSpec {
  const { days, byPhase } = given.week ?? {};
  const usual = usualRunDays(athlete, given.volume?.start ?? recentVolume(athlete), given.engine);
  const free = 7 - athlete.unavailable.length;
  const runDays = given.week?.runDays ?? Math.max(2, Math.min(usual, free));
  const restOn = given.week?.restOn ?? [];
  const isFree = (day: Weekday) => ![...athlete.unavailable, ...restOn].includes(day);
  const longRunOn =
    given.week?.longRunOn ?? usualLongRunDay(isFree) ?? shiftWeekday(weekStartsOn, 6);
  const freeDays = weekdays
    .map((_, index) => shiftWeekday(weekStartsOn, index))
    .filter((day) => !athlete.unavailable.includes(day));
  // Where the day asked for is not free, hard days stand around the one that is run.
  const longRun = freeLongRunDay({ longRunOn, restOn }, freeDays);
  const quality = () => usualQualityDays(longRun, runDays >= FOR_TWO ? 2 : 1, isFree);
  return {
    runDays,
    longRunOn,
    qualityOn: given.week?.qualityOn ?? (athlete.oftenHurt ? [] : quality()),
    restOn,
    doubles: given.week?.doubles ?? 'shorter-first',
    outdoorRuns: given.week?.outdoorRuns,
    pairs: given.week?.pairs,
    midweek: given.week?.midweek,
    fixed: given.week?.fixed,
    days,
    byPhase,
  };
}
