/** What a spec says of days: roles, patterns, fixed days, swaps, events. */

export { type DayRole, dayRoles, dayRoleWords, runRole } from './day-role.js';
export {
  type BlockEvent,
  eventCharacters,
  type EventKind,
  eventKinds,
  daysLong,
  lastDay,
  lastOfWayBack,
  type TestForm,
  testForms,
  testFormWords,
} from './event.js';
export { type FixedWeekday, fixedWeekdayOf } from './fixed-weekday.js';
export {
  type FixedDay,
  fixedDayOf,
  leavesRoom,
  type OtherRun,
  withFixedDay,
  writtenOf,
} from './fixed-day.js';
export {
  type AddOn,
  addOns,
  cycleLengths,
  type DoubleOrder,
  doubleOrders,
  doubleOrderWords,
  isRun,
  type PatternDay,
  type PatternRole,
  patternRoles,
  type WorkKind,
  workKinds,
  type Works,
} from './pattern-day.js';
export { type LaidSwap, type Swap, type SwapReason, swapReasons } from './swap.js';
