import type { DayEntry, ReadCell } from './day-entry.js';

/** `am 5, pm 6 x 800 m @ 5 km`, `6 x 800 m am, 5 easy pm`. */
const RUNS = [
  /^am:? (?<first>.+?) ?[,;/]? ?pm:? (?<second>.+)$/i,
  /^(?<first>.+) am ?[,;/]? (?<second>.+) pm$/i,
];

/** Two runs of a day, a session among them; undefined of anything else. */
export function readRuns(
  typed: string,
  readDay: (text: string) => ReadCell<DayEntry>,
): ReadCell<DayEntry> | undefined {
  const runs = RUNS.map((way) => way.exec(typed)?.groups).find(Boolean);
  if (!runs) return undefined;
  const [first, second] = [runs.first, runs.second].map((run = '') => readDay(run));
  if (!first || !second) return undefined;
  if (!first.ok || !second.ok) return refuseRuns(runs, first, second);
  if (isRest(first.entry)) return second;
  if (isRest(second.entry)) return first;
  return beside(first.entry, second.entry, false) ?? beside(second.entry, first.entry, true);
}

/** Why one of two runs is not read; what may have been meant is said of both, or one of them would be lost. */
function refuseRuns(
  { first: am = '', second: pm = '' }: Record<string, string>,
  first: ReadCell<DayEntry>,
  second: ReadCell<DayEntry>,
): ReadCell<DayEntry> {
  const meant = (read: ReadCell<DayEntry>, typed: string) => (read.ok ? typed : read.suggestion);
  const [one, two] = [meant(first, am), meant(second, pm)];
  const refused = first.ok ? second : first;
  if (refused.ok) return refused;
  const isMeant = one !== undefined && two !== undefined;
  return { ...refused, suggestion: isMeant ? `am ${one}; pm ${two}` : undefined };
}

function isRest(entry: DayEntry): boolean {
  return entry.kind === 'role' && entry.role === 'rest';
}

/** A session and the run beside it, easy or a second session; undefined where they are not. */
function beside(
  session: DayEntry,
  other: DayEntry,
  first: boolean,
): ReadCell<DayEntry> | undefined {
  if (session.kind !== 'session') return undefined;
  if (other.kind === 'session') {
    const { amount, text } = other;
    return { ok: true, entry: { ...session, otherRun: { amount, session: text, first } } };
  }
  const isEasy = other.kind === 'amount' && other.firstRun === undefined && other.role !== 'long';
  if (!isEasy) return undefined;
  return { ok: true, entry: { ...session, otherRun: { amount: other.amount, first } } };
}
