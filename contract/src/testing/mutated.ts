import fc from 'fast-check';
import type { BlockFile } from '../block-file/schema.js';

/** A file that uses every part of the format, so that each can be damaged. */
export const everything: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: {
    name: 'Wren Castellan',
    basis: 'distance',
    unit: 'mi',
    birthYear: 1994,
    oftenHurt: false,
    recentWeeks: [52_000, 55_000, 54_000, 57_000],
    longestRecentRun: 19_000,
    results: [
      { date: '2026-09-13', distance: 5000, time: 1140, kind: 'race', name: 'Skerry Lane 5' },
      { date: '2026-11-08', distance: 10_000, time: 2430, full: true, conditions: 'Still, 8 °C.' },
    ],
    unavailable: ['friday'],
    injured: false,
    paceModel: 'personal-power-law',
    maxHeart: 188,
    restHeart: 46,
  },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195, goalTime: 11_700 },
  weeks: 18,
  weekStartsOn: 'monday',
  phases: {
    layout: 'own',
    own: [
      { kind: 'foundation', name: 'Groundwork', weeks: 8, closes: true },
      { kind: 'threshold', name: 'Threshold', weeks: 7 },
      { kind: 'taper', name: 'Taper', weeks: 3 },
    ],
  },
  volume: {
    start: 55_000,
    peak: 92_000,
    holdAtPeak: 2,
    growth: { school: 'step-and-hold', step: 5000, hold: 2 },
    recovery: { every: 4, depth: 0.25, reEntry: 'resume' },
  },
  longRun: {
    start: 19_000,
    peak: 32_000,
    ladder: 'two-up-one-back',
    lastPeakWeeksOut: 3,
    segment: 'race-pace-finish',
  },
  taper: { school: 'three-steps', depth: 0.6 },
  week: {
    days: [
      { role: 'easy', double: true },
      { role: 'quality', strength: true },
      { role: 'easy', addOn: 'strides' },
      { role: 'cross-train', cross: 'pool' },
      { role: 'quality' },
      { role: 'rest' },
      { role: 'long' },
    ],
    byPhase: [
      {
        phase: 'taper',
        days: [
          { role: 'rest' },
          { role: 'easy' },
          { role: 'quality' },
          { role: 'easy' },
          { role: 'rest' },
          { role: 'easy' },
          { role: 'long' },
        ],
      },
    ],
  },
  events: [
    { kind: 'tune-up-race', name: 'Gullstone 10', from: '2027-02-21', distance: 10_000 },
    { kind: 'test', name: 'Time trial', from: '2027-03-14', form: 'time-trial', distance: 3000 },
    { kind: 'holiday', name: 'Ostrel', from: '2027-01-11', to: '2027-01-14', running: 0.5 },
    { kind: 'illness', name: 'A cold', from: '2027-01-25', to: '2027-01-28' },
  ],
  pins: [
    { week: 2, volume: 62_000 },
    { week: 9, longRun: 26_000 },
  ],
  days: [
    { date: '2026-12-23', session: '6-8 x 1000 m @ 10 km, 90 s jog', follow: true },
    { date: '2027-02-10', role: 'easy', amount: 9000, addOn: 'drills' },
    { date: '2027-02-12', swap: { kind: 'pool', reason: 'soreness' } },
  ],
  sessions: [
    {
      phase: 'threshold',
      place: 1,
      family: {
        id: 'cruise',
        name: 'Cruise miles',
        purpose: 'To hold it.',
        phases: ['threshold'],
        tags: ['threshold'],
        start: '4 x 1 mi @ one-hour, 60 s jog',
        way: 'more-repetitions',
        by: 1,
        most: 6,
      },
    },
    {
      phase: 'foundation',
      place: 1,
      family: {
        id: 'progression',
        name: 'Progression',
        purpose: '',
        phases: ['foundation'],
        tags: [],
        start: '8 km @ easy to marathon in 4 steps',
        way: 'longer',
        by: 1,
        most: 4,
      },
    },
  ],
  waivers: [{ check: 'growth-over-cap', week: 2, reason: 'A week at the coast.', value: 0.13 }],
  paces: {
    table: [
      { id: 'easy', name: 'Easy', base: { race: 42_195 }, offset: [50, 90], talk: 'whole tales' },
      { id: 'marathon', name: 'Marathon', base: { race: 42_195 }, offset: [0, 0] },
      {
        id: 'one-hour',
        name: 'One-hour (threshold)',
        base: { lasts: 3600 },
        offset: [-2, 4],
        heart: { of: 'maximum', from: 0.85, to: 0.9 },
        effort: '7',
      },
      { id: '10-km', name: '10 km', base: { race: 10_000 }, offset: [0, 0] },
      { id: 'mile', name: 'Mile', base: { race: 1609 }, offset: [-3, 0] },
    ],
    aim: 'current',
    repaced: ['2027-03-14'],
    distances: [3000],
  },
  houseRules: { values: { 'recovery.leastDepth': 0.18 }, off: ['many-long-runs'] },
  overrides: { values: { 'longRun.nearPeak': 0.85, 'volume.growthCap': 0.12 } },
  previousRace: { name: 'Tidewrack Half', date: '2026-10-04', distance: 21_097.5 },
};

/** Values that break what takes them for granted. */
const nasty: readonly unknown[] = [
  ...[0, -0, 1, -1, 0.1, 2.5, 7, 30, 99, 1e-9, 5e-324, 1e6, 1e12, 1e308, -1e308, 2 ** 53],
  ...['', ' ', '\0', 'a\u0000b', '\uD800', '\u200B', '\u2800', '\u202Eabc', 'x'.repeat(3000)],
  ...['1970-01-01', '1969-12-31', '2200-12-31', '2201-01-01', '9999-12-31', '0100-01-01'],
  ...['2027-02-30', '2027-04-18', '2026-12-14', 'monday', 'own', 'rest', 'long', 'time', 'mi'],
  ...['0 km easy', '5 km @ mile - 9999 s/km', '99999 h easy', '1 x (1 x (1 x 1 m))', '100 x 1 m'],
  ...['10 km @ easy to marathon in 99999999 steps', '6:05 @ 272-14 bpm', '0.0000001 km easy'],
  ...['__proto__', 'constructor', [], {}, [[]], null, true, false],
];

/** Every place in a tree, as a path from its root. */
function places(tree: unknown, path: readonly string[] = []): string[][] {
  if (typeof tree !== 'object' || tree === null) return [[...path]];
  const inside = Object.entries(tree).flatMap(([key, each]) => places(each, [...path, key]));
  return [[...path], ...inside];
}

interface Mutation {
  at: number;
  kind: 'replace' | 'remove' | 'twice' | 'scale' | 'add';
  value: unknown;
  by: number;
}

const mutation: fc.Arbitrary<Mutation> = fc.record({
  at: fc.nat(),
  kind: fc.constantFrom('replace', 'replace', 'scale', 'scale', 'remove', 'twice', 'add'),
  value: fc.oneof(fc.constantFrom(...nasty), fc.jsonValue()),
  by: fc.constantFrom(0, 0.001, 0.1, 0.5, 0.9, 1.1, 2, 10, 1000, -1),
});

function mutate(tree: unknown, { at, kind, value: given, by }: Mutation): unknown {
  // A copy: what is put into one file is damaged with it, and would lead into itself.
  const value = structuredClone(given);
  const all = places(tree);
  const [last, ...way] = [...(all[at % all.length] ?? [])].reverse();
  if (last === undefined) return tree;
  const holder = way.reverse().reduce<unknown>((each, key) => (each as never)[key], tree);
  const held = holder as Record<string, unknown>;
  const old = held[last];
  if (kind === 'scale' && typeof old === 'number') held[last] = old * by;
  else if (kind === 'remove') {
    if (Array.isArray(holder)) holder.splice(Number(last), 1);
    else Reflect.deleteProperty(held, last);
  } else if (kind === 'twice' && Array.isArray(holder)) holder.push(structuredClone(old));
  else if (kind === 'add' && typeof old === 'object' && old !== null && !Array.isArray(old)) {
    Object.defineProperty(old, typeof value === 'string' ? value : JSON.stringify(value), {
      value,
      enumerable: true,
      configurable: true,
      writable: true,
    });
  } else held[last] = value;
  return tree;
}

/** One of `files`, damaged in one to four places. */
export function mutated(files: readonly object[]): fc.Arbitrary<unknown> {
  return fc
    .tuple(fc.constantFrom(...files), fc.array(mutation, { minLength: 1, maxLength: 4 }))
    .map(([file, mutations]) => mutations.reduce<unknown>(mutate, structuredClone(file)));
}
