import { bases, isCivilDate, units, weekdays } from '@nadir/core';
import { z } from 'zod';

export const civilDate = z
  .string()
  .refine(isCivilDate, { error: 'expected a date that exists, as YYYY-MM-DD' })
  .meta({ format: 'date', description: 'A civil date, YYYY-MM-DD.' });

export const weekday = z.enum(weekdays);
export const basis = z
  .enum(bases)
  .meta({ description: 'Counted by distance (metres) or by time (seconds).' });
export const unit = z.enum(units);

/** A volume or a long run: metres by distance, seconds by time. */
export const amount = z
  .number()
  .nonnegative()
  .meta({ description: 'Metres by distance, seconds by time.' });

export const raceMetres = z.number().min(400).max(100_000).meta({ description: 'Metres.' });
export const raceSeconds = z.number().positive().max(172_800).meta({ description: 'Seconds.' });
export const share = z.number().min(0).max(1);
export const shortText = z.string().trim().min(1).max(120);
