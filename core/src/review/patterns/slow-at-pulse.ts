import { addDays, type CivilDate, sum } from '../../base/index.js';
import type { DayReviewed } from '../done/day-reviewed.js';
import type { FindPattern } from './pattern.js';

/** Days that speak of now, and those before them that say what is usual. */
const NOW = 7;
const USUAL = 28;
/** One run may be into the wind. */
const LEAST = { now: 2, usual: 4 };

/**
 * Easy running slower at the same pulse: metres per heartbeat, of all easy runs of a
 * week that have distance, time and heart rate, under the house rule’s part of those
 * of the four weeks before.
 *
 * @example 10 km in 55 min at 140 is 10 000 / (55 × 140) = 1.299 m a beat; in 60 min
 *   at 142 it is 1.174, 0.904 of it.
 */
export const slowAtPulse: FindPattern = ({ days, today, rules }) => {
  const from = addDays(today, -NOW);
  const measured = days.flatMap((day) => measuredOf(day) ?? []);
  const now = measured.filter(({ date }) => date > from);
  const before = measured.filter(({ date }) => date <= from && date > addDays(from, -USUAL));
  if (now.length < LEAST.now || before.length < LEAST.usual) return undefined;
  const value = perBeat(now) / perBeat(before);
  const limit = rules.diary.beatShare;
  if (value >= limit) return undefined;
  return {
    code: 'slow-at-pulse',
    level: 'caution',
    dates: now.map(({ date }) => date),
    value,
    limit,
  };
};

interface Measured {
  date: CivilDate;
  metres: number;
  beats: number;
}

/** What was run easily on a day with a heart rate beside it. Recovery running is slower by intent: it is held against nothing. */
function measuredOf({ day, easy, entries }: DayReviewed): Measured | undefined {
  if (!easy || day.atRecovery || day.role === 'recovery') return undefined;
  const runs = entries.flatMap(({ kind, distance, time, heart }) =>
    kind === 'run' && distance && time && heart
      ? [{ metres: distance, beats: (time / 60) * heart }]
      : [],
  );
  if (runs.length === 0) return undefined;
  return {
    date: day.date,
    metres: sum(runs.map(({ metres }) => metres)),
    beats: sum(runs.map(({ beats }) => beats)),
  };
}

function perBeat(runs: readonly Measured[]): number {
  return sum(runs.map(({ metres }) => metres)) / sum(runs.map(({ beats }) => beats));
}
