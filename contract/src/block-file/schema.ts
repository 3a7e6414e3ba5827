import type { Template } from '@nadir/core/edit';
import { blockLength, crossKinds, newestEngine } from '@nadir/core/rules';
import { type BlockSpec, reEntries } from '@nadir/core/spec';
import {
  growthSchoolNames,
  heartScales,
  ladderNames,
  paceAims,
  paceModelNames,
  phaseKinds,
  phaseLayoutNames,
  progressionRuleNames,
  resultKinds,
  segmentNames,
  taperSchoolNames,
} from '@nadir/core/spec/choices';
import {
  addOns,
  doubleOrders,
  eventKinds,
  patternRoles,
  swapReasons,
  testForms,
} from '@nadir/core/spec/days';
import { z } from 'zod';
import { laterFields } from './later-fields.js';
import {
  amount,
  basis,
  civilDate,
  figure,
  line,
  lines,
  name,
  raceMetres,
  raceSeconds,
  share,
  shortText,
  unit,
  weekday,
} from '../primitives.js';

const beats = z.int().min(25).max(250);

const result = z.strictObject({
  date: civilDate,
  distance: raceMetres,
  time: raceSeconds,
  kind: z.enum(resultKinds).optional().meta({ description: 'Version 2, as all that follows.' }),
  name: shortText.optional(),
  fixed: z
    .enum(['distance', 'time'])
    .optional()
    .meta({ description: 'Which was set beforehand; the distance when left out.' }),
  conditions: lines(300).optional(),
  full: z
    .boolean()
    .optional()
    .meta({ description: 'False when something was held back: never predicted from.' }),
});

/** What is known of an athlete; every fact may be missing. */
const athleteFactsOf1And2 = z.strictObject({
  name: line(120).optional(),
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
  injured: z
    .boolean()
    .optional()
    .meta({ description: 'No hard running until it is lifted. Version 2.' }),
  paceModel: z
    .enum(paceModelNames)
    .optional()
    .meta({ description: 'How results are made into paces. Version 2.' }),
  maxHeart: beats.optional().meta({ description: 'Beats a minute. Version 2.' }),
  restHeart: beats.optional().meta({ description: 'Beats a minute. Version 2.' }),
});

/** An athlete as blocks and the record know them. */
export const athleteFacts = athleteFactsOf1And2.extend({
  cross: z
    .partialRecord(z.enum(crossKinds), z.number().min(0).max(2))
    .optional()
    .meta({ description: 'What a minute of cross-training counts in minutes of running.' }),
  guardianConsent: civilDate
    .optional()
    .meta({ description: 'Under 18: the day a guardian’s consent was noted.' }),
});

const race = z.strictObject({
  name: shortText,
  date: civilDate.optional(),
  distance: raceMetres,
  goalTime: raceSeconds.optional(),
});

const cap = share.optional().meta({ description: 'Most growth over the last building week.' });
const growthOf = <const R extends z.ZodRawShape, const W extends z.ZodRawShape>(
  straight: R,
  alternating: W,
) =>
  z.discriminatedUnion(
    'school',
    [
      z.strictObject({ school: z.literal('percentage'), cap }),
      z.strictObject({ school: z.literal('fixed-step'), step: amount.optional() }),
      z.strictObject({
        school: z.literal('step-and-hold'),
        step: amount.optional(),
        hold: z.int().min(1).max(8).optional(),
      }),
      z.strictObject({ school: z.literal('straight-to-peak'), ...straight }),
      z.strictObject({ school: z.literal('alternating'), ...alternating }),
    ],
    { error: `expected ${growthSchoolNames.map((name) => `"${name}"`).join(' or ')}` },
  );

const weekNumber = z.int().min(1).max(blockLength.most);

const recovery = z.strictObject({
  every: z.literal([3, 4, 5, 6, 'none']).optional(),
  depth: z.number().min(0.05).max(0.8).optional(),
  reEntry: z.enum(reEntries).optional(),
  weeks: z
    .array(weekNumber)
    .max(blockLength.most)
    .optional()
    .meta({ description: 'Numbers of the recovery weeks, instead of a cadence. Version 2.' }),
});

const volumeOf1And2 = z.strictObject({
  start: amount.optional(),
  peak: amount.optional(),
  holdAtPeak: z.int().min(0).max(12).optional(),
  peakWeek: weekNumber.optional().meta({ description: 'First week at the peak. Version 2.' }),
  growth: growthOf({}, {}).optional(),
  recovery: recovery.optional(),
});

const pinned = z.strictObject({
  week: weekNumber,
  volume: amount.optional(),
  longRun: amount.optional(),
});

const holdsSomething = [
  ({ volume, longRun }: { volume?: number | undefined; longRun?: number | undefined }) =>
    volume !== undefined || longRun !== undefined,
  { error: 'expected "volume", "longRun" or both' },
] as const;

const pinOf1And2 = pinned.refine(...holdsSomething);

const pin = pinned
  .extend({
    restart: z.literal(true).optional().meta({
      description:
        'The climb begins anew from this week, however light it is, and goes back to nothing before it.',
    }),
  })
  .refine(...holdsSomething);

const ownPhase = z.strictObject({
  kind: z.enum(phaseKinds),
  name: shortText,
  weeks: z.int().min(1).max(blockLength.most),
  closes: z.boolean().optional().meta({ description: 'Closes with a recovery week. Version 2.' }),
});

const eventShape = z.strictObject({
  kind: z.enum(eventKinds),
  name: shortText,
  from: civilDate,
  to: civilDate.optional().meta({ description: 'Last day; the first when left out.' }),
  distance: raceMetres.optional(),
  form: z.enum(testForms).optional().meta({ description: 'Of a test: what is run.' }),
  running: z
    .number()
    .min(0)
    .max(1.5)
    .optional()
    .meta({ description: 'Running on its days as a part of usual days.' }),
});

const isWithDistance = ({ kind, distance }: z.infer<typeof eventShape>) =>
  kind !== 'tune-up-race' || distance !== undefined;
const withoutDistance = {
  path: ['distance'],
  error: 'expected the distance of the race, in metres',
};

const eventOf1And2 = eventShape.refine(isWithDistance, withoutDistance);

/** What stands on the way: a race needs its distance. */
const eventOf3 = eventShape.extend({
  isLongRun: z.boolean().optional().meta({
    description: 'Of a race or test: whether it is the long run of its week.',
  }),
});

export const blockEvent = eventOf3.refine(isWithDistance, withoutDistance);

/** Figures of the house rules set otherwise, and checks turned off. */
export const ruleChanges = z.strictObject({
  values: z.record(z.string().max(60), figure).optional(),
  off: z.array(shortText).max(100).optional(),
});

const heartBand = z.strictObject({
  of: z.enum(heartScales),
  from: z.number().min(0).max(250),
  to: z.number().min(0).max(250),
});

/** Seconds per km against a race pace. */
const offset = z.number().min(-120).max(300);

/** One of the coach's named paces. */
const namedPaceOf2 = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9-]{1,40}$/, { error: 'expected small letters, figures and hyphens' })
    .meta({ description: 'Never changes: what uses the pace follows when it is renamed.' }),
  name: name(40),
  base: z.union(
    [
      z.strictObject({ race: raceMetres }),
      z.strictObject({ lasts: z.number().min(60).max(36_000) }),
    ],
    { error: 'expected {"race": metres} or {"lasts": seconds}' },
  ),
  offset: z
    .tuple([offset, offset])
    .meta({ description: 'Seconds per km against it, the quick end first.' }),
  heart: heartBand.optional(),
  effort: line(120).optional(),
  talk: line(120).optional(),
});

const namedPace = namedPaceOf2.extend({
  also: z
    .array(line(40).min(1))
    .max(20)
    .optional()
    .meta({ description: 'Words that mean it in a session too; the usual ones where left out.' }),
});

const tableOf = <T extends z.ZodType>(pace: T) => z.array(pace).min(1).max(40);

/** A coach's table of named paces, slowest first. */
export const namedPaces = tableOf(namedPace);

const pacesOf2 = z.strictObject({
  table: tableOf(namedPaceOf2).optional(),
  aim: z.enum(paceAims).optional(),
  repaced: z.array(civilDate).max(60).optional(),
  distances: z.array(raceMetres).max(20).optional(),
});

const patternDay = z.strictObject({
  role: z.enum(patternRoles),
  double: z.boolean().optional().meta({ description: 'A second run on the day.' }),
  strength: z.boolean().optional(),
  addOn: z.enum(addOns).optional().meta({ description: 'Small work added to the run.' }),
  cross: z.enum(crossKinds).optional().meta({ description: 'Of a cross-training day.' }),
});

const patternOf = <const D extends z.ZodType>(day: D) =>
  z
    .array(day)
    .min(7)
    .max(14)
    .meta({ description: 'Roles from the first day of the first week on: 7, 9, 10 or 14 days.' });

const patternOf2 = patternOf(patternDay);

const work = z
  .union([z.boolean(), z.number().min(60).max(7200)])
  .optional()
  .meta({ description: 'Beside running, as long as the house rules say or so many seconds.' });

/** Work beside running, as version 3 has it. */
const works = { strength: work, core: work, mobility: work };

const pattern = patternOf(patternDay.extend(works));

/** A session in shorthand; what is wrong with it is examined where it is laid out. */
const shorthand = lines(2000).min(1);

const fixedDay = {
  role: z.enum(patternRoles).optional(),
  amount: amount.optional().meta({ description: 'Running of the day; kept exactly.' }),
  session: shorthand.optional().meta({ description: 'In shorthand; paces by their ids.' }),
  follow: z
    .boolean()
    .optional()
    .meta({ description: 'Later sessions of the family grow from this one.' }),
  swap: z
    .strictObject({ kind: z.enum(crossKinds), reason: z.enum(swapReasons) })
    .optional()
    .meta({ description: 'Done otherwise, minute for minute.' }),
  double: z.boolean().optional(),
  strength: z.boolean().optional(),
  addOn: z.enum([...addOns, 'nothing']).optional(),
  cross: z.enum(crossKinds).optional(),
};

const dayOf2 = z.strictObject({ date: civilDate, ...fixedDay });

const crossTime = z
  .number()
  .min(60)
  .max(36_000)
  .optional()
  .meta({ description: 'Seconds of a cross-training day.' });

const firstRun = amount.optional().meta({ description: 'Of the amount, the first of two runs.' });

const otherRun = z
  .strictObject({
    amount: amount
      .optional()
      .meta({ description: 'Its length; where left out, what its session comes to.' }),
    session: shorthand.optional().meta({ description: 'In shorthand; paces by their ids.' }),
    first: z.boolean().meta({ description: 'True where it is run before the session.' }),
  })
  .optional()
  .meta({
    description: 'What is run beside the session of the day: an easy run, or a second session.',
  });

const dayWish = dayOf2.extend({ ...works, firstRun, otherRun, crossTime });

const { follow: _follow, swap: _swap, ...fixedOfWeekday } = fixedDay;

const phasesOf = (whereLeftOut: string) =>
  z
    .array(z.enum(phaseKinds))
    .min(1)
    .max(phaseKinds.length)
    .optional()
    .meta({ description: `Phases it holds in; ${whereLeftOut} when left out.` });

const weeksOf = z
  .array(weekNumber)
  .min(1)
  .max(blockLength.most)
  .optional()
  .meta({ description: 'Numbers of the weeks it holds in; all when left out.' });

/** A weekday that is the same week after week. */
const fixedWeekday = z.strictObject({
  weekday,
  ...fixedOfWeekday,
  ...works,
  firstRun,
  otherRun,
  crossTime,
  phases: phasesOf('all of them'),
  weeks: weeksOf,
});

const familyId = z
  .string()
  .regex(/^[a-z0-9-]{1,60}$/, { error: 'expected small letters, figures and hyphens' });

/** Ways to go on that version 2 knows. */
const waysOf2 = [
  'longer',
  'longer-repetitions',
  'same-total',
  'fewer-faster',
  'more-repetitions',
  'longer-hill',
  'on-off',
  'more-at-the-end',
] as const;

const familyOf2 = z.strictObject({
  id: familyId,
  name: shortText,
  purpose: lines(300),
  phases: z.array(z.enum(phaseKinds)).max(phaseKinds.length),
  tags: z.array(name(40)).max(12),
  start: shorthand,
  way: z.enum(waysOf2),
  by: z.number().min(0).max(10_000),
  most: z.int().min(1).max(30),
});

/** A session that comes again and grows. */
export const sessionFamily = familyOf2.extend({
  way: z.enum(progressionRuleNames),
  exposures: z
    .array(shorthand)
    .min(1)
    .max(40)
    .optional()
    .meta({ description: 'Every exposure written out, in place of “start” and its way.' }),
  fit: z
    .boolean()
    .optional()
    .meta({ description: 'False where it is run as written, whoever runs it.' }),
  before: shorthand.optional().meta({ description: 'Run before the main set.' }),
  after: shorthand.optional().meta({ description: 'Run after it.' }),
});

const useOf = <T extends z.ZodType>(family: T) =>
  z.strictObject({
    phase: z.enum(phaseKinds),
    place: z.int().min(1).max(7).meta({ description: 'Which quality day of the week.' }),
    family,
  });

/** A place of the week that families fill in turn. */
const rotation = z.strictObject({
  on: z
    .union([z.int().min(1).max(7), weekday], { error: 'expected 1 to 7 or a weekday' })
    .meta({ description: 'The nth quality day of a week, or a weekday.' }),
  turn: z
    .array(familyId.nullable())
    .min(1)
    .max(40)
    .meta({ description: 'Ids of the block’s families in turn; null leaves a week to its phase.' }),
  phases: phasesOf('all but the taper and race week'),
  weeks: weeksOf,
});

function taperOf<const Names extends readonly string[]>(names: Names) {
  return z
    .strictObject({
      school: z.enum(names),
      depth: share
        .optional()
        .meta({ description: 'Part cut from the heaviest week in race week. Version 2.' }),
    })
    .optional();
}

const waiver = z.strictObject({
  check: shortText,
  week: weekNumber.optional(),
  reason: lines(500).min(1),
  value: figure
    .optional()
    .meta({ description: 'What was measured when it was waived. Version 2.' }),
});

const weekOf1And2 = z.strictObject({
  runDays: z.int().min(2).max(7).optional(),
  longRunOn: weekday.optional(),
  qualityOn: z.array(weekday).max(4).optional(),
  restOn: z.array(weekday).max(5).optional(),
  midweek: amount
    .optional()
    .meta({ description: 'Every run but the long one stays at this. Version 2.' }),
  days: patternOf2.optional().meta({ description: 'Instead of the answers above. Version 2.' }),
  byPhase: z
    .array(z.strictObject({ phase: z.enum(phaseKinds), days: patternOf2 }))
    .max(phaseKinds.length)
    .optional()
    .meta({ description: 'Roles of a phase where they differ. Version 2.' }),
});

const longRunOf1And2 = z.strictObject({
  start: amount.optional(),
  peak: amount.optional(),
  ladder: z.enum(ladderNames).optional(),
  lastPeakWeeksOut: z.int().min(1).max(8).optional(),
  segment: z
    .enum(segmentNames)
    .optional()
    .meta({ description: 'What long runs hold besides easy running. Version 2.' }),
});

/** The coach's wishes, as a block file of any version holds them after its heading. */
const wishes = {
  athlete: athleteFactsOf1And2.optional(),
  race,
  start: civilDate
    .optional()
    .meta({ description: 'Fixes the start; counted back from the race when left out.' }),
  weeks: z.int().min(blockLength.least).max(blockLength.most).optional(),
  weekStartsOn: weekday.optional(),
  phases: z
    .strictObject({ layout: z.enum(phaseLayoutNames), own: z.array(ownPhase).max(12).optional() })
    .optional(),
  volume: volumeOf1And2.optional(),
  longRun: longRunOf1And2.optional(),
  taper: taperOf(taperSchoolNames),
  week: weekOf1And2.optional(),
  events: z
    .array(eventOf1And2)
    .max(60)
    .optional()
    .meta({ description: 'Races, tests and days on the way. Version 2.' }),
  pins: z.array(pinOf1And2).max(blockLength.most).optional(),
  days: z
    .array(dayOf2)
    .max(7 * blockLength.most)
    .optional()
    .meta({ description: 'Single days the coach fixed. Version 2.' }),
  sessions: z
    .array(useOf(familyOf2))
    .max(60)
    .optional()
    .meta({ description: 'Families that fill the quality days of the phases. Version 2.' }),
  waivers: z.array(waiver).max(100).optional(),
  paces: pacesOf2
    .optional()
    .meta({ description: 'Named paces, and what they rest on. Version 2.' }),
  houseRules: ruleChanges
    .optional()
    .meta({ description: 'The house rules it was laid out under. Version 2.' }),
  overrides: ruleChanges.optional().meta({ description: 'Rules of this block alone. Version 2.' }),
  previousRace: z
    .strictObject({ name: shortText, date: civilDate, distance: raceMetres })
    .optional()
    .meta({ description: 'The goal race before this one. Version 2.' }),
};

const growthOf3 = growthOf(
  {
    rises: z.int().min(1).max(8).optional().meta({ description: 'Rises to the peak.' }),
  },
  {
    wayBack: z
      .number()
      .min(0)
      .max(0.3)
      .optional()
      .meta({ description: 'Part that every second week goes back by.' }),
  },
);

const segmentPlaces = {
  segmentEvery: z
    .int()
    .min(1)
    .max(4)
    .optional()
    .meta({ description: 'Of the long runs that build, every so many carry it.' }),
  segmentWeeks: z
    .array(weekNumber)
    .max(blockLength.most)
    .optional()
    .meta({ description: 'Numbers of the weeks whose long runs carry it, instead.' }),
};

/** The coach's wishes as version 3 has them. */
const wishesOf3 = {
  ...wishes,
  athlete: athleteFacts.optional(),
  volume: volumeOf1And2.extend({ growth: growthOf3.optional() }).optional(),
  longRun: longRunOf1And2.extend(segmentPlaces).optional(),
  pins: z.array(pin).max(blockLength.most).optional(),
  week: weekOf1And2
    .extend({
      doubles: z
        .enum(doubleOrders)
        .optional()
        .meta({ description: 'How a day that is run twice is split.' }),
      outdoorRuns: z
        .int()
        .min(1)
        .max(7)
        .optional()
        .meta({ description: 'Runs outdoors, at most; other run days are done in the pool.' }),
      pairs: z
        .array(weekday)
        .max(3)
        .optional()
        .meta({ description: 'Weekdays meant as a pair with the day after: hard on both.' }),
      days: pattern.optional().meta({ description: 'Instead of the answers above.' }),
      byPhase: z
        .array(z.strictObject({ phase: z.enum(phaseKinds), days: pattern }))
        .max(phaseKinds.length)
        .optional()
        .meta({ description: 'Roles of a phase where they differ.' }),
      fixed: z
        .array(fixedWeekday)
        .max(60)
        .optional()
        .meta({ description: 'Weekdays that are the same week after week.' }),
    })
    .optional(),
  days: z
    .array(dayWish)
    .max(7 * blockLength.most)
    .optional()
    .meta({ description: 'Single days the coach fixed.' }),
  sessions: z
    .array(useOf(sessionFamily))
    .max(60)
    .optional()
    .meta({ description: 'Families that fill the quality days of the phases.' }),
  families: z
    .array(sessionFamily)
    .max(60)
    .optional()
    .meta({ description: 'Families that rotations name.' }),
  rotations: z
    .array(rotation)
    .max(300)
    .optional()
    .meta({ description: 'Places of the week that families fill in turn, over “sessions”.' }),
  events: z
    .array(blockEvent)
    .max(60)
    .optional()
    .meta({ description: 'Races, tests and days on the way.' }),
  paces: pacesOf2
    .extend({ table: namedPaces.optional() })
    .optional()
    .meta({ description: 'Named paces, and what they rest on.' }),
  // A finding is waived week by week.
  waivers: z.array(waiver).max(1000).optional(),
} satisfies { [K in keyof Omit<Required<BlockSpec>, 'engine'>]: z.ZodType<BlockSpec[K]> };

/** The newest version there is; every older one still opens. */
export const NEWEST_VERSION = 3;

const format = z.literal('nadir-block');

/** Tapers as versions 1 and 2 name them. */
const tapersOf1And2 = ['three-steps', 'two-weeks-in-the-flow', 'long-descent', 'evidence'] as const;

/**
 * Versions 1 and 2 as they were published: what the coach wishes, and nothing
 * that can be computed from it. Version 2 adds to version 1; a file that says it
 * is of version 1 holds nothing that came later. Frozen: what a later version
 * says otherwise is said in its own shape.
 */
export const blockFileOf1And2 = z
  .strictObject({ format, version: z.literal([1, 2]), ...wishes, taper: taperOf(tapersOf1And2) })
  .superRefine((file, context) => {
    if (file.version > 1) return;
    for (const path of laterFields(file)) {
      context.addIssue({
        code: 'custom',
        path,
        message: 'came with version 2; write "version": 2',
      });
    }
  })
  .meta({ title: 'Nadir block file' });

/** Version 3: the defaults that it is laid out under are named. */
export const blockFile = z
  .strictObject({
    format,
    version: z.literal(NEWEST_VERSION),
    engine: z.int().min(1).default(newestEngine).meta({
      description: 'Number of the defaults it is laid out under; the newest when left out.',
    }),
    ...wishesOf3,
  })
  .meta({ title: 'Nadir block file' });

export type BlockFile = z.infer<typeof blockFile>;

/** What every file that is written now begins with. */
export const blockHeading = {
  format: 'nadir-block',
  version: NEWEST_VERSION,
  engine: newestEngine,
} as const;

/** A file of versions 1 and 2 as one of version 3: both were laid out under the first defaults. */
export function upcast({ taper, ...old }: z.infer<typeof blockFileOf1And2>): BlockFile {
  const upcasted = { ...old, version: NEWEST_VERSION, engine: 1 } as const;
  if (!taper) return upcasted;
  const school = taper.school === 'two-weeks-in-the-flow' ? 'even-trim' : taper.school;
  return { ...upcasted, taper: { ...taper, school } };
}

/** A block file of any version, as the newest. */
export const anyBlockFile = z.discriminatedUnion(
  'version',
  [blockFileOf1And2.transform(upcast), blockFile],
  { error: 'expected 1, 2 or 3' },
);

/** A weekday so many weeks before the week of the race. */
const toGo = { toGo: z.int().min(0).max(blockLength.most), weekday };

const { date: _date, swap: _swapped, ...ofAnyDay } = dayWish.shape;
const { from: _from, to: _to, ...ofAnyEvent } = eventOf3.shape;

/** What a block's wishes are without its athlete, its dates and what was waived for them. */
export const blockTemplate = z.strictObject({
  basis,
  distance: raceMetres,
  weeks: wishesOf3.weeks,
  phases: wishesOf3.phases,
  volume: wishesOf3.volume,
  longRun: wishesOf3.longRun,
  taper: wishesOf3.taper,
  week: wishesOf3.week,
  sessions: wishesOf3.sessions,
  families: wishesOf3.families,
  rotations: wishesOf3.rotations,
  pins: wishesOf3.pins,
  days: z
    .array(z.strictObject({ ...ofAnyDay, ...toGo }))
    .max(7 * blockLength.most)
    .optional(),
  events: z
    .array(z.strictObject({ ...ofAnyEvent, ...toGo, lasts: z.int().min(1).max(400) }))
    .max(60)
    .optional(),
  overrides: wishesOf3.overrides,
}) satisfies z.ZodType<Template>;

export type BlockTemplate = z.infer<typeof blockTemplate>;
