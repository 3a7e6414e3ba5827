import fc from 'fast-check';
import {
  growthSchoolNames,
  ladderNames,
  paceAims,
  paceModelNames,
  phaseKinds,
  phaseLayoutNames,
  progressionRuleNames,
  resultKinds,
  segmentNames,
  taperSchoolNames,
} from '../spec/choices/index.js';
import {
  addOns,
  doubleOrders,
  eventCharacters,
  eventKinds,
  patternRoles,
  swapReasons,
  testForms,
} from '../spec/days/index.js';
import { addDays, countBack, differenceInDays, type Weekday, weekdays } from '../base/index.js';
import { crossKinds, isWhole, ruleCatalogue } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { defaultPaces } from '../paces/index.js';
import { startingFamilies } from '../sessions/library/index.js';
import { resolveSpec } from '../layout/index.js';
import { validateSpec } from '../layout/validate/index.js';
import { checks } from '../checks/index.js';
import { fromDayNumber, toDayNumber } from '../base/civil-date.js';

/** What a spec is made of at random: a part that is laid over what stands already. */
type Part = (spec: BlockSpec) => BlockSpec;

/** A value in so many of ten cases, else none. */
const maybe = <T>(value: fc.Arbitrary<T>, inTen = 5): fc.Arbitrary<T | undefined> =>
  fc.oneof(
    { weight: inTen, arbitrary: value },
    { weight: 10 - inTen, arbitrary: fc.constant(undefined) },
  );
const share = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const name = fc.constantFrom(
  'Ostrel',
  'Lantern Bay',
  'Müritz-Fenn',
  'Тихая река',
  'A “quoted” one',
);
const weekday = fc.constantFrom(...weekdays);
const distance = fc.constantFrom(800, 1500, 1609.344, 3000, 5000, 10_000, 21_097.5, 42_195);
const unitOf = ({ athlete }: BlockSpec) => (athlete?.basis === 'time' ? 300 : 1000);
const raceDay = ({ race }: BlockSpec) => race.date ?? '2027-04-18';
const part = <T>(values: fc.Arbitrary<T>, lay: (value: T) => Part): fc.Arbitrary<Part> =>
  values.map(lay);

/** The race and when the block begins: all that no spec is without. */
const anyFrame: fc.Arbitrary<BlockSpec> = fc
  .record({
    day: fc.integer({ min: toDayNumber('2024-01-01'), max: toDayNumber('2036-12-31') }),
    distance,
    goal: maybe(share(150, 420)),
    unit: fc.constantFrom('km' as const, 'mi' as const),
    basis: fc.constantFrom('distance' as const, 'distance' as const, 'time' as const),
    weeks: maybe(fc.integer({ min: 4, max: 30 }), 8),
    startDay: maybe(fc.integer({ min: 0, max: 6 }), 2),
    weekStartsOn: maybe(weekday),
    layout: maybe(fc.constantFrom(...phaseLayoutNames.filter((each) => each !== 'own'))),
  })
  .map((r): BlockSpec => {
    const date = fromDayNumber(r.day);
    const length = r.weeks ?? 12;
    const first = addDays(countBack(date, length, r.weekStartsOn ?? 'monday'), r.startDay ?? 0);
    return {
      athlete: { name: 'Idris Vale', basis: r.basis, unit: r.unit },
      race: {
        name: 'Lantern Bay Marathon',
        date,
        distance: r.distance,
        goalTime: r.goal === undefined ? undefined : Math.round((r.goal * r.distance) / 1000),
      },
      ...(r.startDay === undefined ? { weeks: r.weeks } : { start: first }),
      weekStartsOn: r.weekStartsOn,
      phases: r.layout === undefined ? undefined : { layout: r.layout },
    };
  });

const athlete = part(
  fc.record({
    birthYear: maybe(fc.integer({ min: 1950, max: 2021 })),
    oftenHurt: fc.constantFrom(false, false, false, true),
    injured: fc.constantFrom(false, false, false, false, true),
    recent: maybe(fc.array(fc.integer({ min: 8, max: 170 }), { minLength: 1, maxLength: 6 })),
    longest: maybe(fc.integer({ min: 3, max: 38 })),
    unavailable: fc.uniqueArray(weekday, { maxLength: 3 }),
    maxHeart: maybe(fc.integer({ min: 150, max: 215 })),
    restHeart: maybe(fc.integer({ min: 35, max: 75 })),
    paceModel: maybe(fc.constantFrom(...paceModelNames)),
    results: fc.array(
      fc.record({
        daysOut: fc.integer({ min: 10, max: 700 }),
        distance,
        pace: share(170, 400),
        kind: maybe(fc.constantFrom(...resultKinds)),
        fixed: maybe(fc.constantFrom('distance' as const, 'time' as const)),
        full: maybe(fc.boolean()),
      }),
      { maxLength: 4 },
    ),
  }),
  (r) => (spec) => ({
    ...spec,
    athlete: {
      ...spec.athlete,
      birthYear: r.birthYear,
      oftenHurt: r.oftenHurt,
      injured: r.injured,
      recentWeeks: r.recent?.map((amount) => amount * unitOf(spec)),
      longestRecentRun: r.longest === undefined ? undefined : r.longest * unitOf(spec),
      unavailable: r.unavailable,
      maxHeart: r.maxHeart,
      restHeart: r.restHeart,
      paceModel: r.paceModel,
      results: r.results.map((each) => ({
        date: addDays(raceDay(spec), -each.daysOut),
        distance: each.distance,
        time: Math.round((each.pace * each.distance) / 1000),
        kind: each.kind,
        fixed: each.fixed,
        full: each.full,
      })),
    },
  }),
);

const volume = part(
  fc.record({
    start: maybe(fc.integer({ min: 10, max: 150 }), 7),
    rise: maybe(share(1, 2.5), 7),
    holdAtPeak: maybe(fc.integer({ min: 1, max: 5 })),
    peakWeek: maybe(fc.integer({ min: 1, max: 30 }), 2),
    school: maybe(fc.constantFrom(...growthSchoolNames)),
    cap: maybe(share(0.01, 0.25)),
    step: maybe(fc.integer({ min: 1, max: 15 }), 2),
    hold: maybe(fc.integer({ min: 1, max: 5 }), 2),
    every: maybe(fc.constantFrom(3 as const, 4 as const, 5 as const, 6 as const, 'none' as const)),
    depth: maybe(share(0.1, 0.5)),
    reEntry: maybe(fc.constantFrom('resume' as const, 'one-step-above' as const)),
    weeks: maybe(fc.uniqueArray(fc.integer({ min: 2, max: 29 }), { maxLength: 5 }), 2),
  }),
  (r) => (spec) => {
    const start = r.start === undefined ? undefined : r.start * unitOf(spec);
    const peak =
      start === undefined || r.rise === undefined ? undefined : Math.round(start * r.rise);
    return {
      ...spec,
      volume: {
        start,
        peak,
        holdAtPeak: r.holdAtPeak,
        peakWeek: r.peakWeek,
        growth: {
          school: r.school,
          cap: r.cap,
          step: r.step === undefined ? undefined : r.step * unitOf(spec),
          hold: r.hold,
          rises: r.hold,
        },
        recovery: {
          every: r.every,
          depth: r.depth,
          reEntry: r.reEntry,
          weeks: r.weeks?.sort((a, b) => a - b),
        },
      },
    };
  },
);

const longRunAndTaper = part(
  fc.record({
    start: maybe(fc.integer({ min: 5, max: 25 }), 2),
    peak: maybe(fc.integer({ min: 12, max: 38 }), 2),
    ladder: maybe(fc.constantFrom(...ladderNames)),
    out: maybe(fc.integer({ min: 1, max: 5 }), 2),
    segment: maybe(fc.constantFrom(...segmentNames)),
    school: maybe(fc.constantFrom(...taperSchoolNames)),
    depth: maybe(share(0.1, 0.9), 2),
  }),
  (r) => (spec) => ({
    ...spec,
    longRun: {
      start: r.start === undefined ? undefined : r.start * unitOf(spec),
      peak: r.peak === undefined ? undefined : r.peak * unitOf(spec),
      ladder: r.ladder,
      lastPeakWeeksOut: r.out,
      segment: r.segment,
    },
    taper: { school: r.school, depth: r.depth },
  }),
);

const patternDay = fc.record({
  role: fc.constantFrom(...patternRoles),
  double: maybe(fc.boolean(), 2),
  strength: maybe(fc.boolean(), 2),
  core: maybe(fc.constantFrom(true, 600), 3),
  mobility: maybe(fc.constantFrom(true, false, 900), 3),
  addOn: maybe(fc.constantFrom(...addOns), 2),
  cross: maybe(fc.constantFrom(...crossKinds), 2),
});
const cycle = fc
  .constantFrom(7, 7, 9, 10, 14)
  .chain((length) => fc.array(patternDay, { minLength: length, maxLength: length }));

const week = part(
  fc.record({
    runDays: maybe(fc.integer({ min: 2, max: 7 })),
    longRunOn: maybe(weekday),
    qualityOn: maybe(fc.uniqueArray(weekday, { maxLength: 3 })),
    restOn: maybe(fc.uniqueArray(weekday, { maxLength: 2 })),
    midweek: maybe(fc.integer({ min: 4, max: 16 }), 2),
    doubles: maybe(fc.constantFrom(...doubleOrders), 2),
    outdoorRuns: maybe(fc.integer({ min: 1, max: 6 }), 5),
    pairs: maybe(fc.constant<Weekday[]>(['saturday']), 4),
    days: maybe(cycle, 2),
    byPhase: maybe(
      fc.uniqueArray(fc.record({ phase: fc.constantFrom(...phaseKinds), days: cycle }), {
        selector: ({ phase }) => phase,
        minLength: 1,
        maxLength: 2,
      }),
      2,
    ),
  }),
  (r) => (spec) => ({
    ...spec,
    week: { ...r, midweek: r.midweek === undefined ? undefined : r.midweek * unitOf(spec) },
  }),
);

const ownPhases = part(
  fc.array(
    fc.record({
      kind: fc.constantFrom(...phaseKinds),
      name,
      weeks: fc.integer({ min: 1, max: 9 }),
      closes: maybe(fc.boolean()),
    }),
    { minLength: 1, maxLength: 6 },
  ),
  (own) => (spec) => ({ ...spec, phases: { layout: 'own', own } }),
);

const event = part(
  fc.record({
    kind: fc.constantFrom(...eventKinds),
    name,
    daysOut: fc.integer({ min: 1, max: 200 }),
    length: fc.integer({ min: 1, max: 14 }),
    distance: maybe(distance, 7),
    form: maybe(fc.constantFrom(...testForms)),
    running: maybe(share(0, 1.3), 2),
    isLongRun: maybe(fc.boolean(), 2),
  }),
  (r) => (spec) => {
    const from = addDays(raceDay(spec), -r.daysOut);
    const { isRace } = eventCharacters[r.kind];
    const rest = isRace
      ? {
          distance: r.distance,
          form: r.kind === 'test' ? r.form : undefined,
          isLongRun: r.isLongRun,
        }
      : { to: addDays(from, r.length - 1), running: r.running };
    const events = [...(spec.events ?? []), { kind: r.kind, name: r.name, from, ...rest }];
    return { ...spec, events };
  },
);

const pin = part(
  fc.record({
    week: fc.integer({ min: 1, max: 29 }),
    volume: maybe(fc.constantFrom(0, 20, 45, 60, 75, 90, 120, 160), 7),
    longRun: maybe(fc.integer({ min: 0, max: 36 }), 2),
  }),
  (r) => (spec) => {
    if (r.volume === undefined && r.longRun === undefined) return spec;
    const amount = (value: number | undefined) =>
      value === undefined ? undefined : value * unitOf(spec);
    const pins = [...(spec.pins ?? [])];
    const fixed = { week: r.week, volume: amount(r.volume), longRun: amount(r.longRun) };
    pins.push(r.week % 5 === 2 ? { ...fixed, restart: true } : fixed);
    return { ...spec, pins };
  },
);

const SESSIONS = [
  '6 km easy; 5 x 1 km @ 5-km, 400 m jog; 2 km easy',
  '10 x 400 m @ 1500-m, 200 m jog',
  '2 x (4 x 300 m @ mile, 100 m jog), 5 min walk',
  '20 min @ one-hour',
  '45 min easy',
  '12 km easy; 5 x 20 s @ strides, 60 s walk',
  '8 x 60 s @ effort 8 uphill, walk back',
  '3 x 2 km @ nobody-knows-it, 3 min jog',
];

const fixedDay = part(
  fc.record({
    daysOut: fc.integer({ min: 0, max: 150 }),
    role: maybe(fc.constantFrom(...patternRoles)),
    amount: maybe(fc.integer({ min: 1, max: 30 }), 2),
    session: maybe(fc.constantFrom(...SESSIONS), 2),
    follow: maybe(fc.constant(true), 2),
    swap: maybe(
      fc.record({
        kind: fc.constantFrom(...crossKinds),
        reason: fc.constantFrom(...swapReasons),
      }),
      2,
    ),
    double: maybe(fc.boolean(), 2),
    strength: maybe(fc.constantFrom(true, false, 1500), 2),
    addOn: maybe(fc.constantFrom('nothing' as const, ...addOns), 2),
    cross: maybe(fc.constantFrom(...crossKinds), 2),
  }),
  ({ daysOut, ...r }) =>
    (spec) => {
      const date = addDays(raceDay(spec), -daysOut);
      const amount = r.amount === undefined ? undefined : r.amount * unitOf(spec);
      // Two runs of a day, as `5+10` has them.
      const isTwice = amount !== undefined && r.follow && r.session === undefined;
      const firstRun = isTwice ? amount / 3 : undefined;
      // An easy run or a second session beside one, as `am 5; pm 6 x 800 m` has it.
      const hasOther = r.session !== undefined && r.double === true && amount === undefined;
      const otherRun = hasOther
        ? {
            ...(r.strength === true
              ? { session: '8 x 400 m @ 5-km, 1 min jog' }
              : { amount: 4 * unitOf(spec) }),
            first: r.follow === true,
          }
        : undefined;
      return { ...spec, days: [...(spec.days ?? []), { ...r, date, amount, firstRun, otherRun }] };
    },
);

const family = fc.record({
  family: fc.constantFrom(...startingFamilies),
  start: maybe(fc.constantFrom(...SESSIONS), 2),
  way: maybe(fc.constantFrom(...progressionRuleNames)),
  by: maybe(fc.constantFrom(0.25, 1, 2, 5)),
  most: maybe(fc.integer({ min: 1, max: 8 })),
});

const uses = part(
  fc.uniqueArray(
    fc.record({
      phase: fc.constantFrom(...phaseKinds),
      place: fc.integer({ min: 1, max: 3 }),
      family,
    }),
    { selector: ({ phase, place }) => `${phase} ${place}`, maxLength: 8 },
  ),
  (chosen) => (spec) => ({
    ...spec,
    sessions: chosen.map(({ phase, place, family: { family: base, ...own } }) => ({
      phase,
      place,
      family: {
        ...base,
        start: own.start ?? base.start,
        way: own.way ?? base.way,
        by: own.by ?? base.by,
        most: own.most ?? base.most,
      },
    })),
  }),
);

const paces = part(
  fc.record({
    aim: maybe(fc.constantFrom(...paceAims)),
    repaced: fc.uniqueArray(fc.integer({ min: 0, max: 200 }), { maxLength: 3 }),
    distances: fc.uniqueArray(fc.constantFrom(3218.688, 12_000, 25_000), { maxLength: 2 }),
    slower: maybe(fc.integer({ min: -10, max: 30 })),
    without: maybe(fc.nat({ max: defaultPaces.length - 1 }), 2),
  }),
  (r) => (spec) => ({
    ...spec,
    paces: {
      aim: r.aim,
      repaced: r.repaced.map((days) => addDays(raceDay(spec), -days)),
      distances: r.distances,
      table:
        r.slower === undefined && r.without === undefined
          ? undefined
          : defaultPaces
              .filter((_, index) => index !== r.without)
              .map((pace) => ({
                ...pace,
                offset: [pace.offset[0] + (r.slower ?? 0), pace.offset[1] + (r.slower ?? 0)],
              })),
    },
  }),
);

const figures = fc
  .uniqueArray(fc.nat({ max: ruleCatalogue.length - 1 }), { maxLength: 12 })
  .chain((places) =>
    fc.tuple(
      ...places.map((place) => {
        const rule = ruleCatalogue[place];
        if (!rule) return fc.constant(['', 0] as const);
        const [least, most] = rule.usual;
        const value = isWhole(rule)
          ? fc.integer({ min: Math.ceil(least), max: Math.max(Math.ceil(least), Math.floor(most)) })
          : share(Math.min(least, most), Math.max(least, most));
        return value.map((figure) => [rule.path, figure] as const);
      }),
    ),
  )
  .map((entries) => Object.fromEntries(entries));

const changes = fc.record({
  values: figures,
  off: fc.uniqueArray(fc.constantFrom(...checks.map(({ code }) => code)), { maxLength: 4 }),
});
const houseRules = part(changes, (houseRules) => (spec) => ({ ...spec, houseRules }));
const overrides = part(changes, (overrides) => (spec) => ({ ...spec, overrides }));

const waiver = part(
  fc.record({
    check: fc.constantFrom(...checks.map(({ code }) => code)),
    week: maybe(fc.integer({ min: 1, max: 18 })),
    reason: name,
    value: maybe(share(0, 40)),
  }),
  (each) => (spec) => ({ ...spec, waivers: [...(spec.waivers ?? []), each] }),
);

const previousRace = part(
  fc.record({ name, distance, daysOut: fc.integer({ min: 30, max: 400 }) }),
  ({ daysOut, ...race }) =>
    (spec) => ({ ...spec, previousRace: { ...race, date: addDays(raceDay(spec), -daysOut) } }),
);

/** Two families of the library in turn on a weekday, as they are written or fitted. */
const rotation = part(
  fc.record({
    pair: fc.uniqueArray(fc.constantFrom(...startingFamilies), { minLength: 2, maxLength: 2 }),
    on: fc.constantFrom(...weekdays),
    fit: maybe(fc.constant(false), 2),
    phases: maybe(fc.uniqueArray(fc.constantFrom(...phaseKinds), { minLength: 1 }), 2),
    listed: fc.boolean(),
    after: maybe(fc.constant('4 x 20 s @ strides, 60 s walk')),
    takesOff: fc.boolean(),
  }),
  ({ pair, on, fit, phases, listed, after, takesOff }) =>
    (spec) => ({
      ...spec,
      families: pair.map((family) => ({
        ...family,
        fit,
        after,
        exposures: listed ? [family.start, '6 x 400 m @ 5-km, 60 s jog'] : undefined,
      })),
      rotations: [{ on, phases, turn: [...pair.map(({ id }) => id), ...(takesOff ? [null] : [])] }],
    }),
);

const fixedWeekday = part(
  fc.record({
    weekday: fc.constantFrom(...weekdays),
    amount: maybe(fc.integer({ min: 1, max: 20 }), 4),
    session: maybe(fc.constantFrom(...SESSIONS), 2),
    phases: maybe(fc.uniqueArray(fc.constantFrom(...phaseKinds), { minLength: 1 }), 2),
  }),
  ({ amount, ...rule }) =>
    (spec) => ({
      ...spec,
      week: {
        ...spec.week,
        fixed: [{ ...rule, amount: amount === undefined ? undefined : amount * unitOf(spec) }],
      },
    }),
);

/**
 * Any valid block spec, over the whole space of what a coach may ask: every
 * school, distance, unit and basis, athletes young, injured and often hurt,
 * results and models, rules and overrides, own phases, patterns and cycles,
 * fixed weeks and days, families, events, waivers. A part that contradicts what
 * stands already is left out; refusing it has tests of its own.
 */
export const anySpec: fc.Arbitrary<BlockSpec> = fc
  .tuple(
    anyFrame,
    fc.tuple(
      maybe(athlete, 8),
      maybe(volume, 8),
      maybe(longRunAndTaper, 7),
      maybe(week, 7),
      maybe(ownPhases, 2),
      maybe(uses, 2),
      maybe(paces, 2),
      maybe(houseRules, 2),
      maybe(overrides, 2),
      maybe(previousRace, 2),
      maybe(rotation, 2),
      maybe(fixedWeekday, 2),
    ),
    fc.array(event, { maxLength: 3 }),
    fc.array(pin, { maxLength: 3 }),
    fc.array(fixedDay, { maxLength: 6 }),
    fc.array(waiver, { maxLength: 2 }),
  )
  .map(([frame, once, ...many]) => {
    const parts = [...once, ...many.flat()].filter((each) => each !== undefined);
    const whole = parts.reduce((spec, lay) => lay(spec), frame);
    // One by one only where they contradict each other: examining a spec takes as long as drawing it.
    return isValid(whole) ? whole : parts.reduce(withWhatHolds, frame);
  });

function withWhatHolds(spec: BlockSpec, lay: Part): BlockSpec {
  const next = lay(spec);
  return isValid(next) ? next : spec;
}

function isValid(spec: BlockSpec): boolean {
  return validateSpec(spec).length === 0;
}

/** A day on which a spec may be looked at: well before its block, within it, or after it. */
export function anyDayFor(spec: BlockSpec): fc.Arbitrary<string> {
  const { start, race } = resolveSpec(spec);
  const length = differenceInDays(race.date, start);
  return fc.integer({ min: -30, max: length + 10 }).map((day) => addDays(start, day));
}
