import { isBlankMorning } from '@nadir/core/record';
import type { AthleteRecord, RecordChanged } from '@nadir/contract';

/** A record with what was changed in it, in the order of its days. */
export function withChanges(kept: AthleteRecord, changed: RecordChanged): AthleteRecord {
  const gone = new Set([...changed.entries, ...changed.removed].map(placeOf));
  const entries = [...kept.entries.filter((each) => !gone.has(placeOf(each))), ...changed.entries];
  return {
    entries: entries.sort((one, other) => placeOf(one).localeCompare(placeOf(other))),
    // A note of which nothing is left is taken back.
    mornings: byDate(kept.mornings, changed.mornings).filter(
      ({ revision: _, ...morning }) => !isBlankMorning(morning),
    ),
    reviews: byDate(kept.reviews, changed.reviews),
  };
}

function placeOf({ date, place }: { date: string; place: number }): string {
  return `${date} ${place}`;
}

function byDate<T extends { date: string }>(kept: readonly T[], changed: readonly T[]): T[] {
  const dates = new Set(changed.map(({ date }) => date));
  return [...kept.filter(({ date }) => !dates.has(date)), ...changed].sort((one, other) =>
    one.date.localeCompare(other.date),
  );
}
