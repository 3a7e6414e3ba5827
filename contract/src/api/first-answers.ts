import { bases, type Measure, shownSteps, units, weekdays } from '@nadir/core/base';
import { levels } from '@nadir/core/checks';
import type { Glance } from '@nadir/core/present/figures';
import type { LastWeek, Lately, Need } from '@nadir/core/present/review';
import { doneStates } from '@nadir/core/record';
import * as z from 'zod/mini';
import { dateChecks } from '../civil-date.js';

/*
 * What a first page reads. It is written in Zod's small dialect, a third of the whole
 * one in bytes; a schema of either dialect stands within one of the other.
 */

const date = z.string().check(...dateChecks);

export const shownSettings = {
  /** "athlete": each athlete’s own. */
  unit: z.enum(['athlete', 'km', 'mi']),
  step: z.literal([...shownSteps]),
  theme: z.enum(['system', 'light', 'dark']),
  weekStartsOn: z.enum(weekdays),
  /** How many rows the Ledger opens with. */
  ledgerRows: z.enum(['four', 'all']),
  /** Keys that are one letter or sign alone, outside of fields. */
  singleKeys: z.boolean(),
};

/** Coaches of an earlier Nadir have not said how they want what is new. */
export const settings = z.strictObject({
  ...shownSettings,
  ledgerRows: z._default(shownSettings.ledgerRows, 'four'),
  singleKeys: z._default(shownSettings.singleKeys, true),
});
export type Settings = z.infer<typeof settings>;

/** Who coaches, and how the pages are shown; how they coach is `coaching`. */
export const coach = z.object({
  id: z.uuid(),
  name: z.string(),
  email: z.email(),
  settings,
});
export type Coach = z.infer<typeof coach>;

/** Who is signed in, what day it is, and what a sign-in page has to offer. */
export const session = z.object({
  today: date,
  demo: z.boolean(),
  firstCoachWanted: z.boolean(),
  coach: z.nullable(coach),
});
export type Session = z.infer<typeof session>;

/** What every refusal says: a stable code, a sentence, and the fields it is about. */
export const refused = z.object({
  code: z.string(),
  message: z.string(),
  problems: z.optional(
    z.array(
      z.object({
        code: z.string(),
        path: z.array(z.union([z.string(), z.number()])),
        message: z.string(),
      }),
    ),
  ),
});

const week = z.object({
  number: z.int(),
  start: date,
  length: z.int(),
  recovery: z.boolean(),
  volume: z.number(),
  longRun: z.number(),
  segment: z.nullable(z.object({ from: z.number(), to: z.number() })),
});

export const glance = z.object({
  race: z.object({ name: z.string(), date }),
  start: date,
  measure: z.object({
    basis: z.enum(bases),
    unit: z.enum(units),
    step: z.literal([...shownSteps]),
  }),
  phases: z.array(z.object({ name: z.string(), firstWeek: z.int(), weeks: z.int() })),
  weeks: z.array(week),
  worst: z.nullable(
    z.object({ level: z.enum(levels), title: z.string(), message: z.string(), others: z.int() }),
  ),
  days: z.array(z.object({ date, steps: z.number(), hard: z.boolean() })),
  next: z.nullable(z.object({ date, words: z.string() })),
}) satisfies z.ZodMiniType<Glance>;

/** What a diary needs looking at for; null where nothing stands out. */
const need = z.nullable(
  z.object({ level: z.enum(levels), title: z.string(), message: z.string() }),
) satisfies z.ZodMiniType<Need | null>;

const figure = z.number();

/** The last whole week in shown units; null where nothing is recorded of it. */
const lastWeek = z.nullable(
  z.object({
    number: z.int(),
    planned: figure,
    run: figure,
    longRun: z.object({ planned: figure, run: z.nullable(figure) }),
    hard: z.object({ planned: z.int(), done: z.int() }),
    missed: z.int(),
    unknown: z.int(),
    load: figure,
  }),
) satisfies z.ZodMiniType<LastWeek | null>;

/** What became of the last fourteen days; null where nothing was ever recorded. */
const lately = z.nullable(
  z.object({ days: z.array(z.enum(doneStates)), ago: z.nullable(z.int()) }),
) satisfies z.ZodMiniType<Lately | null>;

/** Every athlete with the block in hand at a glance: what a row of the squad shows. */
export const glances = z.object({
  athletes: z.array(
    z.object({
      id: z.uuid(),
      name: z.string(),
      /** Days that wait to be moved, and words of the last days that wait for an answer. */
      asks: z.number(),
      block: z.nullable(
        z.object({
          id: z.uuid(),
          glance,
          need,
          lastWeek,
          lately,
          said: z.number(),
        }),
      ),
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
