import { type ActivityColumn, activityColumns } from '@nadir/core/record/activities';
import * as z from 'zod/mini';

/** On this device: tables of one maker have the same names every time. */
const KEY = 'nadir-activity-columns';
const kept = z.record(z.string(), z.array(z.enum(activityColumns)));

/** What a coach said the columns of such a table hold; undefined where nothing was said. */
export function keptColumns(names: readonly string[]): ActivityColumn[] | undefined {
  const columns = all()[keyOf(names)];
  return columns?.length === names.length ? columns : undefined;
}

export function keepColumns(names: readonly string[], columns: readonly ActivityColumn[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...all(), [keyOf(names)]: columns }));
  } catch {
    // A device that keeps nothing asks again next time.
  }
}

function all(): Record<string, ActivityColumn[]> {
  try {
    const read = kept.safeParse(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
    return read.success ? read.data : {};
  } catch {
    return {};
  }
}

function keyOf(names: readonly string[]): string {
  return names.map((each) => each.trim().toLowerCase()).join('|');
}
