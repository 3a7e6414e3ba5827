import { bases, type Measure, shownSteps, units } from '@nadir/core/base';
import { levels } from '@nadir/core/checks';
import type { Glance } from '@nadir/core/present';
import { z } from 'zod';
import { civilDate } from '../primitives.js';
import type { Settings } from './bodies.js';

const week = z.object({
  number: z.int(),
  start: civilDate,
  length: z.int(),
  recovery: z.boolean(),
  volume: z.number(),
  longRun: z.number(),
  segment: z.object({ from: z.number(), to: z.number() }).nullable(),
});

const glance = z.object({
  race: z.object({ name: z.string(), date: civilDate }),
  start: civilDate,
  measure: z.object({
    basis: z.enum(bases),
    unit: z.enum(units),
    step: z.literal([...shownSteps]),
  }),
  phases: z.array(z.object({ name: z.string(), firstWeek: z.int(), weeks: z.int() })),
  weeks: z.array(week),
  worst: z
    .object({ level: z.enum(levels), title: z.string(), message: z.string(), others: z.int() })
    .nullable(),
  days: z.array(z.object({ date: civilDate, steps: z.number(), hard: z.boolean() })),
  next: z.object({ date: civilDate, words: z.string() }).nullable(),
}) satisfies z.ZodType<Glance>;

/** Every athlete with the block in hand at a glance: what a row of the squad shows. */
export const glances = z.object({
  athletes: z.array(
    z.object({
      id: z.uuid(),
      name: z.string(),
      block: z.object({ id: z.uuid(), glance }).nullable(),
    }),
  ),
  /** Athletes kept aside. */
  archived: z.array(z.object({ id: z.uuid(), name: z.string() })),
});
export type Glances = z.infer<typeof glances>;

/** The measure a coach reads an athlete's block in: the coach's display choice, else the athlete's own unit. */
export function measureFor(
  { unit, step }: Pick<Settings, 'unit' | 'step'>,
  {
    basis = 'distance',
    unit: own = 'km',
  }: { basis?: Measure['basis'] | undefined; unit?: Measure['unit'] | undefined } = {},
): Measure {
  return { basis, unit: unit === 'athlete' ? own : unit, step };
}
