import type { CivilDate } from '../../base/index.js';
import { entriesByDay, type RunEntry } from '../run-entry.js';
import { validateEntry } from '../validate-entry.js';
import type { Activity } from './activity.js';

/** What becomes of an activity: kept as new, laid over what was typed, known already, or refused. */
export type Match =
  | { state: 'new' | 'fills'; activity: Activity; entry: RunEntry }
  | { state: 'known'; activity: Activity }
  | { state: 'refused'; activity: Activity; why: string };

/** Within this part, or these metres, two distances are of the same run; within these minutes two starts. */
const NEAR = { share: 0.03, metres: 150, minutes: 15 };
/** Most runs of a day that are told apart. */
const MOST_PLACES = 10;

/**
 * Finds what of a batch is new: a run that is known from another file or device is
 * left out, one that was typed is filled with what the device measured.
 */
export function matchActivities(
  activities: readonly Activity[],
  kept: readonly RunEntry[],
  today: CivilDate,
  source: RunEntry['source'],
): Match[] {
  const days = entriesByDay(kept);
  return activities.map((activity): Match => {
    const day = days.get(activity.date) ?? [];
    const same = day.find((entry) => isSame(entry, activity));
    if (same?.source) return { state: 'known', activity };
    const place = same?.place ?? freePlace(day);
    if (place >= MOST_PLACES) {
      return { state: 'refused', activity, why: 'That day holds as many runs as are told apart.' };
    }
    const entry: RunEntry = {
      ...same,
      ...measured(activity),
      date: activity.date,
      place,
      kind: activity.kind,
      note: same?.note ?? activity.note,
      effort: same?.effort ?? activity.effort,
      source,
    };
    const [problem] = validateEntry(entry, today);
    if (problem) return { state: 'refused', activity, why: problem.message };
    // The next one of the batch may be the same run from another device.
    days.set(activity.date, [...day.filter((each) => each !== same), entry]);
    return { state: same ? 'fills' : 'new', activity, entry };
  });
}

function measured({ distance, time, heart, start, reps }: Activity): Partial<RunEntry> {
  const known = Object.entries({ distance, time, heart, start, reps });
  return Object.fromEntries(known.filter(([, value]) => value !== undefined));
}

function isSame(entry: RunEntry, { kind, start, distance, time }: Activity): boolean {
  if (entry.kind !== kind) return false;
  if (entry.start !== undefined && start !== undefined) {
    return Math.abs(minutesOf(entry.start) - minutesOf(start)) <= NEAR.minutes;
  }
  const near = (one: number | undefined, other: number | undefined, least: number) =>
    one !== undefined &&
    other !== undefined &&
    Math.abs(one - other) <= Math.max(least, NEAR.share * other);
  return near(entry.distance, distance, NEAR.metres) || near(entry.time, time, 60);
}

function freePlace(day: readonly RunEntry[]): number {
  const taken = new Set(day.map(({ place }) => place));
  let place = 0;
  while (taken.has(place)) place++;
  return place;
}

function minutesOf(start: string): number {
  const [hours = 0, minutes = 0] = start.split(':').map(Number);
  return 60 * hours + minutes;
}
