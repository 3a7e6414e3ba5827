import { entryKinds, missedReasons } from '@nadir/core/record';
import { z } from 'zod';
import { civilDate, lines } from '../primitives.js';

/** Most runs of one day that are told apart. */
const MOST_PLACES = 10;

const place = z
  .int()
  .min(0)
  .max(MOST_PLACES - 1)
  .meta({ description: 'Which of the day’s runs, from 0.' });

/** What was run, or missed, in one place of one day. */
export const runEntry = z.strictObject({
  date: civilDate,
  place,
  kind: z.enum(entryKinds),
  distance: z.number().min(0).max(250_000).optional().meta({ description: 'Metres.' }),
  time: z.number().min(1).max(172_800).optional().meta({ description: 'Seconds.' }),
  effort: z.int().min(1).max(10).optional(),
  heart: z.int().min(25).max(250).optional().meta({ description: 'Mean beats a minute.' }),
  note: lines(2000).optional(),
  reason: z.enum(missedReasons).optional().meta({ description: 'Of a missed run.' }),
});

const revision = z.int().min(1).max(2_147_483_647);

/** An entry as it is kept. */
export const keptEntry = z.object({ ...runEntry.shape, revision });
export type KeptEntry = z.infer<typeof keptEntry>;

export const keepEntryBody = z.strictObject({
  /** The revision that the change was made on; null for a run that was not kept yet. */
  revision: revision.nullable(),
  entry: runEntry,
});
export type KeepEntryBody = z.infer<typeof keepEntryBody>;

export const removeEntryBody = z.strictObject({ date: civilDate, place, revision });
export type RemoveEntryBody = z.infer<typeof removeEntryBody>;

/** First and last day that are asked for. */
export const recordQuery = z.strictObject({ from: civilDate, to: civilDate });
export type RecordQuery = z.infer<typeof recordQuery>;

/** What an athlete ran, oldest first. */
export const record = z.object({ entries: z.array(keptEntry) });
export type AthleteRecord = z.infer<typeof record>;
