import { z } from 'zod';
import { civilDate, lines } from '../primitives.js';

/** The secret link to an athlete’s page. */
export const linkState = z.object({
  /** When it was made; null where there is none. */
  since: z.iso.datetime().nullable(),
  /** Its last day. */
  ends: civilDate.nullable(),
  /** When it was last opened. */
  seenAt: z.iso.datetime().nullable(),
  /** Null where there is none, or where this server can no longer tell it. */
  address: z.string().nullable(),
  /** The same, as a picture for a camera: paths of an SVG of so many squares a side. */
  code: z.object({ size: z.int(), path: z.string() }).nullable(),
});
export type LinkState = z.infer<typeof linkState>;

/** What becomes of it: a new one (the old one ends), an end, or another last day. */
export const linkBody = z.strictObject({
  link: z.enum(['new', 'keep', 'end']).default('keep'),
  ends: civilDate.optional(),
});
export type LinkBody = z.infer<typeof linkBody>;

const moveStates = ['asked', 'moved', 'left'] as const;

/** A day that an athlete asks to run on another. */
export const moveRequest = z.object({
  id: z.uuid(),
  from: civilDate,
  to: civilDate,
  words: lines(600).optional(),
  at: z.iso.datetime(),
  state: z.enum(moveStates),
  /** What the coach said to it. */
  answer: lines(600).optional(),
});
export type MoveRequest = z.infer<typeof moveRequest>;

export const moveRequests = z.object({ requests: z.array(moveRequest) });
export type MoveRequests = z.infer<typeof moveRequests>;

export const moveAnswerBody = z.strictObject({
  state: z.enum(['moved', 'left']),
  answer: lines(600).optional(),
});
export type MoveAnswerBody = z.infer<typeof moveAnswerBody>;
