import {
  type Given,
  blockLength,
  growthSchoolNames,
  ladderNames,
  phaseKinds,
  phaseLayoutNames,
  reEntries,
  taperSchoolNames,
} from '@nadir/core';
import { z } from 'zod';
import {
  amount,
  basis,
  civilDate,
  raceMetres,
  raceSeconds,
  share,
  shortText,
  unit,
  weekday,
} from '../primitives.js';

const result = z.strictObject({ date: civilDate, distance: raceMetres, time: raceSeconds });

/** What is known of an athlete; every fact may be missing. */
export const athleteFacts = z.strictObject({
  name: z.string().trim().max(120).optional(),
  basis: basis.optional(),
  unit: unit.optional(),
  birthYear: z.int().min(1900).max(2100).optional(),
  oftenHurt: z.boolean().optional(),
  recentWeeks: z
    .array(amount)
    .max(52)
    .optional()
    .meta({ description: 'Real weeks, oldest first.' }),
  longestRecentRun: amount.optional(),
  results: z.array(result).max(50).optional(),
  unavailable: z
    .array(weekday)
    .max(6)
    .optional()
    .meta({ description: 'Days the athlete cannot run.' }),
});

const race = z.strictObject({
  name: shortText,
  date: civilDate.optional(),
  distance: raceMetres,
  goalTime: raceSeconds.optional(),
});

const cap = share.optional().meta({ description: 'Most growth over the last building week.' });
const growth = z.discriminatedUnion(
  'school',
  [
    z.strictObject({ school: z.literal('percentage'), cap }),
    z.strictObject({ school: z.literal('fixed-step'), step: amount.optional() }),
    z.strictObject({
      school: z.literal('step-and-hold'),
      step: amount.optional(),
      hold: z.int().min(1).max(8).optional(),
    }),
    z.strictObject({ school: z.literal('straight-to-peak') }),
    z.strictObject({ school: z.literal('alternating') }),
  ],
  { error: `expected ${growthSchoolNames.map((name) => `"${name}"`).join(' or ')}` },
);

const recovery = z.strictObject({
  every: z.literal([3, 4, 5, 6, 'none']).optional(),
  depth: z.number().min(0.05).max(0.8).optional(),
  reEntry: z.enum(reEntries).optional(),
});

const weekNumber = z.int().min(1).max(blockLength.most);

const pin = z
  .strictObject({ week: weekNumber, volume: amount.optional(), longRun: amount.optional() })
  .refine((pinned) => pinned.volume !== undefined || pinned.longRun !== undefined, {
    error: 'expected "volume", "longRun" or both',
  });

const ownPhase = z.strictObject({
  kind: z.enum(phaseKinds),
  name: shortText,
  weeks: z.int().min(1).max(blockLength.most),
});

/** The coach's wishes, as a block file holds them after its heading. */
const wishes = {
  athlete: athleteFacts.optional(),
  race,
  start: civilDate
    .optional()
    .meta({ description: 'Fixes the start; counted back from the race when left out.' }),
  weeks: z.int().min(blockLength.least).max(blockLength.most).optional(),
  weekStartsOn: weekday.optional(),
  phases: z
    .strictObject({ layout: z.enum(phaseLayoutNames), own: z.array(ownPhase).max(12).optional() })
    .optional(),
  volume: z
    .strictObject({
      start: amount.optional(),
      peak: amount.optional(),
      holdAtPeak: z.int().min(0).max(12).optional(),
      growth: growth.optional(),
      recovery: recovery.optional(),
    })
    .optional(),
  longRun: z
    .strictObject({
      start: amount.optional(),
      peak: amount.optional(),
      ladder: z.enum(ladderNames).optional(),
      lastPeakWeeksOut: z.int().min(1).max(8).optional(),
    })
    .optional(),
  taper: z.strictObject({ school: z.enum(taperSchoolNames) }).optional(),
  week: z
    .strictObject({
      runDays: z.int().min(2).max(7).optional(),
      longRunOn: weekday.optional(),
      qualityOn: z.array(weekday).max(4).optional(),
      restOn: z.array(weekday).max(5).optional(),
    })
    .optional(),
  pins: z.array(pin).max(blockLength.most).optional(),
  waivers: z
    .array(
      z.strictObject({
        check: shortText,
        week: weekNumber.optional(),
        reason: z.string().trim().min(1).max(500),
      }),
    )
    .max(100)
    .optional(),
} satisfies { [K in keyof Required<Given>]: z.ZodType<Given[K]> };

/** The block file, version 1: what the coach wishes, and nothing that can be computed from it. */
export const blockFile = z
  .strictObject({ format: z.literal('nadir-block'), version: z.literal(1), ...wishes })
  .meta({ title: 'Nadir block file, version 1' });

export type BlockFile = z.infer<typeof blockFile>;
