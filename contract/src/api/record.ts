import { entryKinds, entrySources, illnesses, missedReasons, MOST_REPS } from '@nadir/core/record';
import { z } from 'zod';
import { civilDate, line, lines } from '../primitives.js';

/** Most runs of one day that are told apart. */
const MOST_PLACES = 10;
/** Most of anything in one change: a season of a watch in one import. */
const MOST_CHANGES = 1000;

const place = z
  .int()
  .min(0)
  .max(MOST_PLACES - 1)
  .meta({ description: 'Which of the day’s runs, from 0.' });
const seconds = z.number().min(1).max(172_800).meta({ description: 'Seconds.' });
const beats = z.int().min(25).max(250);
const oneToFive = z.int().min(1).max(5);

/** What was run, or missed, in one place of one day. */
export const runEntry = z.strictObject({
  date: civilDate,
  place,
  kind: z.enum(entryKinds),
  distance: z.number().min(0).max(250_000).optional().meta({ description: 'Metres.' }),
  time: seconds.optional(),
  effort: z.int().min(1).max(10).optional(),
  heart: beats.optional().meta({ description: 'Mean beats a minute.' }),
  reps: z
    .array(seconds)
    .min(1)
    .max(MOST_REPS)
    .readonly()
    .optional()
    .meta({ description: 'Seconds of each repetition or split, as run.' }),
  note: lines(2000).optional(),
  words: lines(600).optional().meta({ description: 'What the athlete says of it to the coach.' }),
  answer: lines(600).optional().meta({ description: 'What the coach answered the athlete.' }),
  weather: line(120).optional(),
  fuel: line(200).optional(),
  start: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
    .optional()
    .meta({ description: 'When it began, HH:MM.' }),
  reason: z.enum(missedReasons).optional().meta({ description: 'Of a missed run.' }),
  movedTo: civilDate.optional().meta({ description: 'Of a missed run: the day it went to.' }),
  source: z.enum(entrySources).optional().meta({ description: 'Left out where it was typed.' }),
});

/** How an athlete was on a morning: health words, kept apart from what was run. */
export const morningNote = z.strictObject({
  date: civilDate,
  sleep: oneToFive.optional(),
  fresh: oneToFive.optional(),
  appetite: oneToFive.optional(),
  pulse: beats.optional().meta({ description: 'Beats a minute at rest.' }),
  sore: z
    .strictObject({
      where: line(80).min(1),
      level: z.int().min(1).max(10),
      stride: z.boolean().optional(),
    })
    .optional(),
  ill: z.enum(illnesses).optional(),
  note: lines(2000).optional(),
});

/** What a coach says of a week: its goal, whether it was met, and the words sent to the athlete. */
export const weekReview = z.strictObject({
  date: civilDate.meta({ description: 'The first day of the week.' }),
  goal: lines(400).optional(),
  met: z.enum(['met', 'part', 'not']).optional(),
  words: lines(2000).optional(),
  closed: z.boolean().optional(),
});
export type WeekReview = z.infer<typeof weekReview>;

const revision = z.int().min(1).max(2_147_483_647);
/** The revision that a change was made on; null for what was not kept yet. */
const madeOn = revision.nullable();

/** An entry as it is kept. */
export const keptEntry = z.object({ ...runEntry.shape, revision });
export type KeptEntry = z.infer<typeof keptEntry>;
export const keptMorning = z.object({ ...morningNote.shape, revision });
export type KeptMorning = z.infer<typeof keptMorning>;
export const keptReview = z.object({ ...weekReview.shape, revision });
export type KeptReview = z.infer<typeof keptReview>;

const removed = z.strictObject({ date: civilDate, place, revision });
export type RemovedEntry = z.infer<typeof removed>;

/** Changes of a record, done together or not at all. */
export const changeRecordBody = z.strictObject({
  keep: z
    .array(z.strictObject({ revision: madeOn, entry: runEntry }))
    .max(MOST_CHANGES)
    .default([]),
  remove: z.array(removed).max(MOST_CHANGES).default([]),
  /** A note of which nothing is left is taken back. */
  mornings: z
    .array(z.strictObject({ revision: madeOn, morning: morningNote }))
    .max(MOST_CHANGES)
    .default([]),
  reviews: z
    .array(z.strictObject({ revision: madeOn, review: weekReview }))
    .max(MOST_CHANGES)
    .default([]),
});
export type ChangeRecordBody = z.infer<typeof changeRecordBody>;

/** What was changed, under its new revisions: what an undo is made on. */
export const recordChanged = z.object({
  entries: z.array(keptEntry),
  removed: z.array(removed),
  mornings: z.array(keptMorning),
  reviews: z.array(keptReview),
});
export type RecordChanged = z.infer<typeof recordChanged>;

/** First and last day that are asked for. */
export const recordQuery = z.strictObject({ from: civilDate, to: civilDate });
export type RecordQuery = z.infer<typeof recordQuery>;

/** What an athlete ran, how the mornings were and what was said of the weeks, oldest first. */
export const record = z.object({
  entries: z.array(keptEntry),
  mornings: z.array(keptMorning),
  reviews: z.array(keptReview),
});
export type AthleteRecord = z.infer<typeof record>;
