import { units } from '@nadir/core/base';
import { entryKinds } from '@nadir/core/record';
import { activityColumns } from '@nadir/core/record/activities';
import { z } from 'zod';
import { civilDate } from './primitives.js';

/** Most files of one import, and most bytes of each. */
export const MOST_TRACK_FILES = 400;
export const MOST_TRACK_BYTES = 40_000_000;

/** What the thread that reads tracks is asked. */
export const tracksRequest = z.strictObject({
  files: z
    .array(z.strictObject({ name: z.string(), text: z.string().max(MOST_TRACK_BYTES) }))
    .max(MOST_TRACK_FILES),
  unit: z.enum(units),
  /** Minutes that the clock of the place is before UTC. */
  zone: z.int().min(-900).max(900),
  /** What was to be run as repetitions of one length: they are looked for in the day’s track. */
  sessions: z.array(
    z.strictObject({ date: civilDate, length: z.number().positive(), count: z.int().min(1) }),
  ),
  /** Days whose splits are kept. */
  splits: z.array(civilDate),
});
export type TracksRequest = z.infer<typeof tracksRequest>;

const read = {
  activities: z.array(
    z.object({
      date: civilDate,
      start: z.string().optional(),
      kind: z.enum(entryKinds).exclude(['missed']),
      distance: z.number().optional(),
      time: z.number().optional(),
      effort: z.number().optional(),
      heart: z.number().optional(),
      note: z.string().optional(),
      reps: z.array(z.number()).readonly().optional(),
    }),
  ),
  problems: z.array(z.object({ where: z.string(), message: z.string() })),
};

/** What it answers: the runs, and what could not be read, file by file. */
export const tracksAnswer = z.object(read);
export type TracksAnswer = z.infer<typeof tracksAnswer>;

const columns = z.array(z.enum(activityColumns));

/** A table of runs as text, for the same thread. */
export const runsTableRequest = z.strictObject({
  text: z.string().max(MOST_TRACK_BYTES),
  unit: z.enum(units),
  /** What its columns hold, where the coach has said so; else it is guessed. */
  columns: columns.optional(),
});
export type RunsTableRequest = z.infer<typeof runsTableRequest>;

/** The runs of a table, and what its columns were taken for; null where it is none. */
export const runsTableAnswer = z
  .object({ ...read, names: z.array(z.string()), columns })
  .nullable();
export type RunsTableAnswer = z.infer<typeof runsTableAnswer>;
