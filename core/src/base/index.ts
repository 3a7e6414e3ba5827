/** Ground floor: amounts and rounding that adds up, civil dates, weekdays and weeks. */

export { canonicalJson, equalAsJson } from './canonical.js';
export { apportion, roundedSteps, sum } from './apportion.js';
export { addDays, type CivilDate, differenceInDays, isCivilDate } from './civil-date.js';
export {
  bases,
  type Basis,
  type Measure,
  METRES_PER_MILE,
  metresPer,
  quantum,
  type ShownStep,
  shownSteps,
  shownUnit,
  type Unit,
  unitName,
  units,
} from './measure.js';
export { memoizeLast } from './memoize-last.js';
export { ceilTo, clean, floorTo, roundTo } from './round.js';
export {
  daysUntilWeekday,
  shiftWeekday,
  type Weekday,
  weekdayOf,
  weekdays,
  weekdaysFrom,
} from './weekday.js';
export { type CalendarWeek, calendarWeeks, countBack, countWeeks, startOfWeek } from './weeks.js';
