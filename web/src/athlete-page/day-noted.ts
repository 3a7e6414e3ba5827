import type { AthletePage, DoneEntry, SentEntry } from '@nadir/contract/athlete';
import { type CivilDate, type Measure, metresPer } from '@nadir/core/base';
import type { Waiting } from './device.js';

/** What is known of a day on this device: as it was sent, or as it waits to be. */
export interface DayNoted {
  entries: readonly NotedEntry[];
  sore: AthletePage['sore'][number] | undefined;
  /** Whether it is still to be sent. */
  waits: boolean;
}

/** An entry; its revision is null while it waits for the first time. */
export type NotedEntry = Omit<DoneEntry, 'date' | 'revision'> & Pick<SentEntry, 'revision'>;

/** Puts together what the page knows of a day and what waits to be sent of it. */
export function dayNoted(
  page: AthletePage,
  waiting: readonly Waiting[],
  date: CivilDate,
): DayNoted {
  const known: readonly NotedEntry[] = page.done.filter((entry) => entry.date === date);
  const sore = page.sore.find((each) => each.date === date);
  const unsent = waiting.filter(({ refused }) => refused === undefined);
  let noted: DayNoted = { entries: known, sore, waits: false };
  for (const { body } of unsent) {
    if (body.kind === 'move' || body.date !== date) continue;
    if (body.kind === 'take-back') {
      const places = new Set(body.entries.map(({ place }) => place));
      noted = {
        ...noted,
        entries: noted.entries.filter(({ place }) => !places.has(place)),
        waits: true,
      };
    } else {
      const places = new Set(body.entries.map(({ place }) => place));
      noted = {
        entries: [
          ...noted.entries.filter(({ place }) => !places.has(place)),
          // Under which revision it will stand is known once it is sent.
          ...body.entries.map((entry) => ({ ...entry, revision: null, mine: true })),
        ].sort((one, other) => one.place - other.place),
        sore: body.sore ? { date, ...body.sore } : noted.sore,
        waits: true,
      };
    }
  }
  return noted;
}

/** What was run in some days, in the measure the page is in: whole steps of it. */
export function runIn(days: readonly DayNoted[], { basis, unit }: Pick<Measure, 'basis' | 'unit'>) {
  const runs = days.flatMap(({ entries }) => entries.filter(({ kind }) => kind === 'run'));
  const total = runs.reduce((sum, { distance = 0, time = 0 }) => {
    return sum + (basis === 'time' ? time / 60 : distance / metresPer(unit));
  }, 0);
  return Math.round(total);
}
