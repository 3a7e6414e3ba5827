import { differenceInDays } from '@nadir/core/base';
import { z } from 'zod';
import { civilDate } from '../primitives.js';

/** Most days of a watch that are asked for at once. */
const MOST_DAYS = 31;

/** Whether an athlete’s watch hands out what was run. */
export const watchState = z.object({ connected: z.boolean() });
export type WatchState = z.infer<typeof watchState>;

export const watchBody = z.strictObject({ connected: z.boolean() });
export type WatchBody = z.infer<typeof watchBody>;

/** First and last day that are asked for. */
export const watchTracksQuery = z
  .strictObject({ from: civilDate, to: civilDate })
  .refine(({ from, to }) => differenceInDays(to, from) < MOST_DAYS, {
    error: `expected ${MOST_DAYS} days at most`,
    path: ['to'],
  });
export type WatchTracksQuery = z.infer<typeof watchTracksQuery>;

/** Runs as GPX 1.1 tracks, each under a file’s name. */
export const watchTracks = z.object({
  tracks: z.array(z.object({ name: z.string(), gpx: z.string() })),
});
export type WatchTracks = z.infer<typeof watchTracks>;
