import { paceHatches } from '@nadir/core/present/figures';
import { entryKinds } from '@nadir/core/record';
import { bases, shownSteps, units } from '@nadir/core/base';
import { z } from 'zod';
import { civilDate, lines } from '../primitives.js';
import { moveRequest } from './athlete-link.js';
import { morningNote, runEntry } from './record.js';

/** Runs of one day that an athlete tells apart. */
const MOST_RUNS = 4;

const piece = z.object({
  from: z.number(),
  distance: z.number(),
  hatch: z.enum(paceHatches),
});

const day = z.object({
  date: civilDate,
  column: z.int().min(0).max(6),
  title: z.string(),
  role: z.string(),
  mark: z.enum(['plain', 'rest', 'key', 'test', 'race']),
  steps: z.number(),
  figure: z.string(),
  minutes: z.number(),
  words: z.string(),
  sessions: z.array(z.string()),
  targets: z.array(z.string()),
  runs: z.array(
    z.object({
      shorthand: z.string(),
      from: z.number(),
      distance: z.number(),
      pieces: z.array(piece),
    }),
  ),
  paces: z.array(z.object({ name: z.string(), text: z.string(), feel: z.string() })),
  laps: z.array(z.array(z.string())),
  planned: z.array(
    z.object({
      kind: z.enum(entryKinds),
      distance: z.number().optional(),
      time: z.number().optional(),
    }),
  ),
  meant: z.tuple([z.int(), z.int()]).readonly().optional(),
});
export type PageDay = z.infer<typeof day>;

const week = z.object({
  number: z.int(),
  toGo: z.int(),
  start: civilDate,
  from: z.string(),
  phase: z.string(),
  recovery: z.boolean(),
  steps: z.number(),
  figure: z.string(),
  longRun: z.number(),
  longRunFigure: z.string(),
  days: z.array(day),
  note: z.string(),
});
export type PageWeek = z.infer<typeof week>;

/** The block of an athlete’s page: of a whole block, what its athlete sees. */
export const pageBlock = z.object({
  race: z.object({
    name: z.string(),
    date: civilDate,
    words: z.string(),
    distance: z.string(),
  }),
  goal: z.string().optional(),
  unit: z.string(),
  measure: z.object({
    unit: z.enum(units),
    basis: z.enum(bases),
    step: z.literal(shownSteps),
  }),
  weeks: z.array(week),
  /** Of the whole block, in its unit. */
  sums: z.object({ total: z.string() }),
  paces: z.array(z.object({ name: z.string(), text: z.string() })),
  splits: z.array(z.array(z.string())),
  caution: z.string(),
});
export type PageBlock = z.infer<typeof pageBlock>;

/** What an athlete says of a run. */
const told = runEntry.pick({
  place: true,
  kind: true,
  distance: true,
  time: true,
  effort: true,
  reps: true,
  words: true,
  reason: true,
}).shape;

/** Something done, as its athlete sees it: no note of the coach’s is in it. */
const doneEntry = z.object({
  ...told,
  ...runEntry.pick({ date: true, answer: true }).shape,
  revision: z.int(),
  /** Noted on this page: it can be changed there. */
  mine: z.boolean(),
});
export type DoneEntry = z.infer<typeof doneEntry>;

const soreness = z.object({
  date: civilDate,
  ...morningNote.shape.sore.unwrap().shape,
});

/** All that a link opens. */
export const athletePage = z.object({
  athlete: z.string(),
  coach: z.string(),
  /** The link’s last day. */
  ends: civilDate,
  /** Days that the coach’s today is ahead of the clock: none outside of a demo. */
  daysAhead: z.int(),
  /** Null between two blocks. */
  block: pageBlock.nullable(),
  done: z.array(doneEntry),
  sore: z.array(soreness),
  /** What the coach wrote of a week, by its first day. */
  said: z.array(z.object({ date: civilDate, words: z.string() })),
  requests: z.array(moveRequest),
});
export type AthletePage = z.infer<typeof athletePage>;

const sentEntry = z.strictObject({
  /** Of what was noted before on this page; null for what was not. */
  revision: z.int().min(1).nullable(),
  ...told,
});
export type SentEntry = z.infer<typeof sentEntry>;

/** What an athlete sends: what was done on a day, what was noted and is taken back, or a day to be moved. */
export const sentBody = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('done'),
    date: civilDate,
    entries: z.array(sentEntry).max(MOST_RUNS),
    sore: morningNote.shape.sore,
  }),
  z.strictObject({
    kind: z.literal('take-back'),
    date: civilDate,
    entries: z
      .array(z.strictObject({ place: runEntry.shape.place, revision: z.int().min(1) }))
      .min(1)
      .max(MOST_RUNS),
  }),
  z.strictObject({
    kind: z.literal('move'),
    from: civilDate,
    to: civilDate,
    words: lines(600).optional(),
  }),
]);
export type SentBody = z.infer<typeof sentBody>;
export type SentDone = Extract<SentBody, { kind: 'done' }>;

/** What became of what was sent; where something of it was kept otherwise, in words. */
export const sentAnswer = z.object({ said: z.string() });
export type SentAnswer = z.infer<typeof sentAnswer>;
