import {
  addDays,
  type Basis,
  type CivilDate,
  startOfWeek,
  sum,
  type Weekday,
} from '../base/index.js';
import type { RunEntry } from './run-entry.js';

/** One week of a diary. */
export interface WeekRun {
  start: CivilDate;
  /** m or s run; undefined where nothing at all is recorded. */
  amount: number | undefined;
  /** m or s of its longest run. */
  longest: number;
}

/** Seconds a metre of an easy run of which only distance or time is known: six minutes a kilometre. Policy. */
export const USUAL_PACE = 0.36;
/** Whole weeks that a block starts from. */
const WEEKS = 4;

/** The whole weeks before the one that holds today, oldest first. */
export function weeksRun(
  entries: readonly RunEntry[],
  count: number,
  { today, weekStartsOn, basis }: { today: CivilDate; weekStartsOn: Weekday; basis: Basis },
): WeekRun[] {
  const present = startOfWeek(today, weekStartsOn);
  return Array.from({ length: count }, (_, index) => {
    const start = addDays(present, -7 * (count - index));
    const end = addDays(start, 7);
    const within = entries.filter(({ date }) => date >= start && date < end);
    const runs = within.filter(({ kind }) => kind === 'run').map((run) => amountOf(run, basis));
    return {
      start,
      amount: within.length === 0 ? undefined : sum(runs),
      longest: Math.max(0, ...runs),
    };
  });
}

/** What a block starts from by a diary that has its last four weeks; undefined where one of them is not known. */
export function startFromDiary(
  entries: readonly RunEntry[],
  on: Parameters<typeof weeksRun>[2],
): { recentWeeks: number[]; longestRecentRun: number } | undefined {
  const weeks = weeksRun(entries, WEEKS, on);
  const amounts = weeks.flatMap(({ amount }) => amount ?? []);
  if (amounts.length < WEEKS || sum(amounts) === 0) return undefined;
  return {
    recentWeeks: amounts.map(Math.round),
    longestRecentRun: Math.round(Math.max(...weeks.map(({ longest }) => longest))),
  };
}

function amountOf({ distance, time }: RunEntry, basis: Basis): number {
  if (basis === 'time') return time ?? (distance ?? 0) * USUAL_PACE;
  return distance ?? (time ?? 0) / USUAL_PACE;
}
