/** What was run: entries, how an athlete was, and what stands against keeping one. */
export {
  asPlanned,
  dayDone,
  type DayDone,
  type DoneState,
  doneStates,
  type PlannedRuns,
} from './day-done.js';
export {
  type Illness,
  illnesses,
  isBlankMorning,
  type MorningNote,
  type Soreness,
} from './morning.js';
export { printDone } from './print-done.js';
export { type DayTyped, type Done, readDone } from './read-done.js';
export { readTimeDone } from './read-time-done.js';
export { MOST_REPS, readReps, repsDone, type RepsDone } from './reps.js';
export {
  entriesByDay,
  type EntryKind,
  entryKinds,
  type EntrySource,
  entrySources,
  isInstead,
  missedOn,
  type MissedReason,
  missedReasons,
  type RunEntry,
} from './run-entry.js';
export { weatherCautions } from './weather-caution.js';
export { startFromDiary, USUAL_PACE, type WeekRun, weeksRun } from './weeks-run.js';
export { validateEntry, validateNoteDate } from './validate-entry.js';
