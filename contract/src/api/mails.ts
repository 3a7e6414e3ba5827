import { weekdays } from '@nadir/core/base';
import { z } from 'zod';
import { civilDate } from '../primitives.js';

/** Forms of a week that can be sent by mail. */
export const mailForms = ['week-text', 'week-sheet'] as const;
export type MailForm = (typeof mailForms)[number];

const MOST_OF_AN_ADDRESS = 254;

/** What is sent to an athlete by itself: where to, on which day, as what. */
export const mailing = z.strictObject({
  address: z
    .email({ error: 'expected an address like thea@skerrylane.example' })
    .max(MOST_OF_AN_ADDRESS),
  /** The day on which the week that begins next, or has just begun, is sent; null for by hand alone. */
  weekday: z.enum(weekdays).nullable(),
  form: z.enum(mailForms),
});
export type Mailing = z.infer<typeof mailing>;

/** Another mailing in the place of what stands; null for none. */
export const mailingBody = z.strictObject({ mailing: mailing.nullable() });
export type MailingBody = z.infer<typeof mailingBody>;

const mailStates = ['waiting', 'sent', 'failed'] as const;

/** One mail: what it is of, and what became of it. */
export const mail = z.object({
  id: z.uuid(),
  /** The first day of its week. */
  week: civilDate,
  to: z.string(),
  form: z.enum(mailForms),
  state: z.enum(mailStates),
  at: z.iso.datetime(),
});
export type Mail = z.infer<typeof mail>;

/** The mailing of an athlete, and what was sent, the newest first. */
export const mails = z.object({ mailing: mailing.nullable(), mails: z.array(mail) });
export type Mails = z.infer<typeof mails>;

/** A mail that is sent by hand; of one id it is sent once. */
export const mailBody = z.strictObject({ id: z.uuid(), week: civilDate, form: z.enum(mailForms) });
export type MailBody = z.infer<typeof mailBody>;
