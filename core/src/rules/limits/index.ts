/** The limits that layout, checks and solver share: each one function over one rule value. */

export {
  growthLimit,
  HALF_WEEK,
  LARGE_WEEK,
  LAST_DAYS,
  LONGEST_IN_QUIET_DAYS,
  MANY_RESTS,
  leastDaysApart,
  leastDaysToPeak,
  leastLongRun,
  leastLongRunShare,
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  nearRaceLimit,
  perMetreOf,
  quietDays,
  recoveryLimit,
  returnLimit,
  shortestRun,
  type WeekOfLongRun,
} from './limits.js';
