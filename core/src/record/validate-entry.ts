import type { CivilDate } from '../base/index.js';
import { dayWords } from '../base/format/index.js';
import type { Issue } from '../spec/index.js';
import type { EntryKind, RunEntry } from './run-entry.js';

/** Kinds that are done on foot or in the water: their speed has a bound. */
const SPEEDS: Partial<Record<EntryKind, number>> = { run: 10, walk: 4, pool: 4, swim: 3, bike: 25 };

/** Metres a second slower than which nobody moves: a slip of the unit. */
const SLOWEST = 0.1;

/**
 * What stands against keeping an entry; empty when nothing does. Bounds of single
 * figures belong to the contract: here is what follows from several of them.
 *
 * @param today the athlete's own day: nothing is run before it has come
 */
export function validateEntry(entry: RunEntry, today: CivilDate): Issue[] {
  const { kind, distance, time, reason, movedTo } = entry;
  const issues = validateNoteDate(entry, today);
  const add = (code: string, path: Issue['path'], message: string) =>
    issues.push({ code, path, message });

  if (kind === 'missed') {
    const told = ['distance', 'time', 'effort', 'heart', 'reps'] as const;
    const figure = told.find((key) => entry[key] !== undefined);
    if (figure) add('missed-and-run', [figure], 'belongs to a run; this one was missed.');
    return issues;
  }
  if (reason !== undefined) {
    add('run-and-missed', ['reason'], 'says why a run was missed; this one was run.');
  }
  if (movedTo !== undefined) {
    add('run-and-missed', ['movedTo'], 'says where a missed run went; this one was run.');
  }
  const fastest = SPEEDS[kind];
  if (distance === undefined || time === undefined || fastest === undefined) return issues;
  const speed = distance / time;
  if (distance > 0 && (speed > fastest || speed < SLOWEST)) {
    const words = `${Math.round(distance)} m in ${Math.round(time)} s`;
    add('entry-speed', ['time'], `does not go with the distance: ${words}. Look at both figures.`);
  }
  return issues;
}

/** What stands against keeping something of a day: nothing is run, felt or reviewed before it has come. */
export function validateNoteDate({ date }: { date: CivilDate }, today: CivilDate): Issue[] {
  if (date <= today) return [];
  const message = `${dayWords(date)} is still to come; today is ${dayWords(today)}.`;
  return [{ code: 'entry-in-the-future', path: ['date'], message }];
}
