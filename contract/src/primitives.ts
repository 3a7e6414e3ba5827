import { bases, units, weekdays } from '@nadir/core/base';
import { z } from 'zod';
import { dateChecks } from './civil-date.js';

export const civilDate = z
  .string()
  .check(...dateChecks)
  .meta({ format: 'date', description: 'A civil date, YYYY-MM-DD.' });

export const weekday = z.enum(weekdays);
export const basis = z
  .enum(bases)
  .meta({ description: 'Counted by distance (metres) or by time (seconds).' });
export const unit = z.enum(units);

/** More metres or seconds than any week, run or block entry holds: 1000 km, 11 days and a half. */
const MOST_AMOUNT = 1_000_000;

/** A volume or a long run: metres by distance, seconds by time. */
export const amount = z
  .number()
  .nonnegative()
  .max(MOST_AMOUNT)
  .refine((value) => value === 0 || value >= 1, {
    error: 'expected nothing, or a metre or a second at least',
  })
  .meta({ description: 'Metres by distance, seconds by time.' });

/** A figure of any kind that the product measured or a rule holds. */
export const figure = z.number().min(-MOST_AMOUNT).max(MOST_AMOUNT);

export const raceMetres = z.number().min(400).max(100_000).meta({ description: 'Metres.' });
export const raceSeconds = z.number().positive().max(172_800).meta({ description: 'Seconds.' });
export const share = z.number().min(0).max(1);

/** Control characters, and halves of a character: PostgreSQL cannot store them, nobody can read them. */
const UNWRITABLE = /[\p{Cc}\p{Cs}]/u;
/** The same, but for what ends a line or stands at its beginning. */
const UNWRITABLE_IN_LINES = /(?![\n\t])[\p{Cc}\p{Cs}]/u;
/** Something that can be seen: no spaces, marks without a letter, joiners or fillers alone. */
const VISIBLE = /(?![\p{Default_Ignorable_Code_Point}\u2800])[\p{L}\p{N}\p{P}\p{S}]/u;

const CONTROLS = { error: 'expected text without control characters', abort: true } as const;

/** Text as it is, as long as it can be written down. */
export const wellFormed = (most: number) =>
  z
    .string()
    .refine((text) => !UNWRITABLE.test(text), CONTROLS)
    .max(most);

/**
 * Text of one line: composed (NFC), trimmed, tabs and line ends turned into
 * spaces, as a paste from a spreadsheet brings them.
 */
export const line = (most: number) =>
  z
    .string()
    .normalize('NFC')
    .overwrite((text) => text.replace(/[\t\r\n]+/g, ' '))
    .trim()
    .refine((text) => !UNWRITABLE.test(text), CONTROLS)
    .max(most);

/** Text of several lines, composed (NFC) and trimmed. */
export const lines = (most: number) =>
  z
    .string()
    .normalize('NFC')
    .overwrite((text) => text.replace(/\r\n?/g, '\n'))
    .trim()
    .refine((text) => !UNWRITABLE_IN_LINES.test(text), CONTROLS)
    .max(most);

/** What something is called: a line in which something can be seen. */
export const name = (most: number) =>
  line(most)
    .min(1, { abort: true })
    .refine((text) => VISIBLE.test(text), { error: 'expected a name that can be seen' });

export const shortText = name(120);
