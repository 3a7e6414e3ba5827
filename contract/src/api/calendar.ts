import { z } from 'zod';

const clock = z
  .string()
  .regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/, { error: 'expected a time like 07:00' });

/** The calendar that an athlete’s devices can subscribe to. */
export const calendarState = z.object({
  /** When its address was made; null where there is none. */
  since: z.iso.datetime().nullable(),
  /** The hour that runs stand at, `07:00`; null for entries of a whole day. */
  startsAt: clock.nullable(),
  /** Told once, when it is made: only its fingerprint is kept. */
  address: z.string().nullable(),
});
export type CalendarState = z.infer<typeof calendarState>;

/** What becomes of it: a new address (the old one ends), an end, or another hour. */
export const calendarBody = z.strictObject({
  address: z.enum(['new', 'keep', 'end']).default('keep'),
  startsAt: clock.nullable().optional(),
});
export type CalendarBody = z.infer<typeof calendarBody>;

/** What a subscribed calendar asks with. */
export const calendarQuery = z.object({ key: z.string().min(20).max(100) });
