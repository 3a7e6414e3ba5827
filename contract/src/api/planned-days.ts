import type { HandedOut } from '@nadir/core/layout';
import { dayRules, longRunRules, volumeRules, weekKinds } from '@nadir/core/layout/block';
import { crossKinds } from '@nadir/core/rules';
import { phaseKinds, segmentNames } from '@nadir/core/spec/choices';
import { addOns, dayRoles, swapReasons, workKinds } from '@nadir/core/spec/days';
import { z } from 'zod';
import { civilDate } from '../primitives.js';

const figure = z.number();

const work = z.union([z.boolean(), figure]).optional();
const worksBeside = { strength: work, core: work, mobility: work };

const daySession = z.object({
  kind: z.enum(['run', 'cross', ...workKinds]),
  shorthand: z.string(),
  distance: figure,
  time: figure,
  hardDistance: figure,
  hardTime: figure,
  family: z.object({ id: z.string(), name: z.string(), exposure: z.int() }).optional(),
  addOn: z.enum(addOns).optional(),
});

const day = z.object({
  date: civilDate,
  role: z.enum(dayRoles),
  rule: z.enum(dayRules),
  atRecovery: z.boolean().default(false),
  distance: figure,
  time: figure,
  hardTime: figure,
  cross: z.object({ time: figure, equivalentDistance: figure, equivalentTime: figure }),
  swap: z
    .object({ kind: z.enum(crossKinds), reason: z.enum([...swapReasons, 'indoors']) })
    .optional(),
  quick: z.boolean(),
  beside: z.object({
    double: z.boolean().optional(),
    ...worksBeside,
    addOn: z.enum(addOns).optional(),
    cross: z.enum(crossKinds).optional(),
  }),
  sessions: z.array(daySession),
});

const weekThen = z.object({
  kind: z.enum(weekKinds),
  phase: z.enum(phaseKinds),
  recovery: z.boolean(),
  recoveryDue: z.boolean(),
  volume: figure,
  volumeRule: z.enum(volumeRules),
  longRun: figure,
  longRunRule: z.enum(longRunRules),
  segment: z
    .object({
      name: z.enum(segmentNames),
      before: figure,
      amount: figure,
      after: figure,
      offset: z.tuple([figure, figure]),
    })
    .optional(),
  taperShare: figure,
  running: figure,
});

/** The plan of one day as it was handed out, with what its week was then. */
export const plannedDay = z.object({
  /** Stays the day's own for as long as the block stands. */
  dayId: z.uuid(),
  /** One for each thing done on the day, in its order; they stay too. */
  runIds: z.array(z.uuid()),
  day,
  week: weekThen,
});
export type PlannedDay = z.infer<typeof plannedDay>;

/** What the core takes as a day of the past. */
export function historyOf(days: readonly PlannedDay[]): HandedOut[] {
  return days.map(({ day: planned, week }) => ({
    day: { ...planned, swap: planned.swap },
    week: { ...week, segment: week.segment },
  }));
}
