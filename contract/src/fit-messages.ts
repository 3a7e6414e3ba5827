import type { BendingRule } from '@nadir/core/solve';
import { z } from 'zod';
import { blockFile, blockTemplate } from './block-file/schema.js';
import { plannedDay } from './api/planned-days.js';
import { civilDate } from './primitives.js';

/** What the solver may be asked for. */
export const fitTasks = [
  'nearest-block',
  'lowest-growth',
  'highest-peak',
  'fewest-weeks',
  'place-recovery',
] as const;

/** A question to the solver, on its way to the worker. */
export const fitRequest = z.strictObject({
  task: z.enum(fitTasks),
  wishes: blockFile,
  /** Today, and the days before it as they were handed out: the solver leaves them alone. */
  asOf: civilDate.optional(),
  history: z.array(plannedDay).optional(),
});
export type FitRequest = z.infer<typeof fitRequest>;

const bendingRules = [
  'growth',
  'recovery',
  'peak',
  'longRun',
  'taper',
] as const satisfies readonly BendingRule[];

const bend = z.strictObject({
  rule: z.enum(bendingRules),
  week: z.int(),
  /** m or s, as the block counts. */
  by: z.number(),
});

const { pins, volume } = blockTemplate.shape;

/** The solver’s answer on its way back. */
export const fitAnswer = z.strictObject({
  words: z.string(),
  /** Rules that the found block bends, and those the block as it is bends. */
  bends: z.array(bend),
  asItIs: z.array(bend),
  /** The change that takes what was found; null where there is nothing to take. */
  command: z
    .strictObject({
      message: z.string(),
      change: z.strictObject({
        pins,
        volume,
        weeks: z.int().optional(),
        start: civilDate.optional(),
      }),
    })
    .nullable(),
});
export type FitAnswer = z.infer<typeof fitAnswer>;
