/** Figures as text, and text as figures: amounts, paces, times, dates. */

export { capital } from './capital.js';
export { dateWords, dayAndMonth, daySpan, dayWords } from './format-day.js';
export {
  formatLap,
  formatPaceRange,
  formatSpeed,
  formatTenths,
  lapSeconds,
} from './format-pace.js';
export {
  formatAmount,
  formatDuration,
  formatHours,
  formatPace,
  formatFinePercent,
  formatPercent,
  formatPlain,
  formatRace,
  formatRaceDistance,
  formatSteps,
  formatTenthsOf,
  formatWithUnit,
} from './format.js';
export { parseAmount } from './parse-amount.js';
export { readAmount, readAmounts } from './read-amount.js';
export { type ReadPace, readPace } from './read-pace.js';
export { type Read, readRaceTime, readTime } from './read-time.js';
export { plural, weeksText } from './plural.js';
export { readDistance } from './read-distance.js';
export { inClock, withoutUnit, WRITTEN_UNITS } from './read-unit.js';
export { differenceText, runText, tenth } from './run-text.js';
