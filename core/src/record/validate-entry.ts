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
  const { date, kind, distance, time, reason } = entry;
  const issues: Issue[] = [];
  const add = (code: string, path: Issue['path'], message: string) =>
    issues.push({ code, path, message });

  if (date > today) {
    add('entry-in-the-future', ['date'], `${dayWords(date)} is still to come; today is ${today}.`);
  }
  if (kind === 'missed') {
    const told = ['distance', 'time', 'effort', 'heart'] as const;
    const figure = told.find((key) => entry[key] !== undefined);
    if (figure) add('missed-and-run', [figure], 'belongs to a run; this one was missed.');
    return issues;
  }
  if (reason !== undefined) {
    add('run-and-missed', ['reason'], 'says why a run was missed; this one was run.');
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
