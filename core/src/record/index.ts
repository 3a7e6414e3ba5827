/** What was run: entries, and what stands against keeping one. */
export {
  type EntryKind,
  type MissedReason,
  type RunEntry,
  entryKinds,
  missedReasons,
} from './run-entry.js';
export { validateEntry } from './validate-entry.js';
