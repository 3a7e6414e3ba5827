import { z } from 'zod';
import { plannedDay } from '../api/planned-days.js';
import { morningNote, runEntry } from '../api/record.js';

/** A year of runs, several a day. */
const MOST_ENTRIES = 2000;
/** Every day of the longest block. */
const MOST_DAYS = 31 * 7;

/** What was run, as an optional part of a block file; mornings alone where the coach ticked them in. */
export const diaryPart = z.strictObject({
  entries: z.array(runEntry).max(MOST_ENTRIES),
  mornings: z
    .array(morningNote)
    .max(MOST_ENTRIES)
    .optional()
    .meta({ description: 'Health words: only where the coach ticked them in.' }),
});
export type DiaryPart = z.infer<typeof diaryPart>;

/** The plan of the days that were over, as it was handed out. */
export const historyPart = z.array(plannedDay).max(MOST_DAYS);
