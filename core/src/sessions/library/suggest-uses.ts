import { type Since, inForce, newestEngine } from '../../rules/index.js';
import {
  type PhaseKind,
  phaseKinds,
  type Progression,
  type SessionUse,
} from '../../spec/choices/index.js';
import { startingLibrary as library } from './starting-library.js';

/** Metres up to which a race asks for the track, and from which it asks for staying power. */
const MIDDLE_DISTANCE = 3000;
const LONG_DISTANCE = 19_999;

type Pair = readonly [Progression, Progression];

const shared: Readonly<Record<PhaseKind, Pair>> = {
  foundation: [library['loose-minutes'], library.tempo],
  'hills-and-strength': [library['growing-hill'], library.tempo],
  threshold: [library['half-hour-kilometres'], library['broken-tempo']],
  speed: [library['fewer-and-longer'], library['broken-tempo']],
  specific: [library['race-pace-repetitions'], library.tempo],
  sharpening: [library['one-fewer'], library['race-pace-repetitions']],
  taper: [library['last-touch'], library['last-touch']],
  'race-week': [library['last-touch'], library['last-touch']],
  recovery: [library['last-touch'], library['last-touch']],
};

const middle: Readonly<Record<PhaseKind, Pair>> = {
  ...shared,
  threshold: [library['growing-repetitions'], library.tempo],
  speed: [library['two-sets'], library['fewer-and-longer']],
  specific: [library['two-sets'], library['half-hour-kilometres']],
  sharpening: [library['one-fewer'], library['quick-twohundreds']],
};
const long: Readonly<Record<PhaseKind, Pair>> = {
  ...shared,
  speed: [library['half-hour-kilometres'], library['race-pace-stretches']],
  specific: [library['race-pace-stretches'], library['broken-tempo']],
  sharpening: [library['growing-repetitions'], library['race-pace-stretches']],
};

/** Families up to a race distance in metres. */
interface UsesUpTo {
  upTo: number;
  uses: SessionUse[];
}

const first: readonly UsesUpTo[] = [
  { upTo: MIDDLE_DISTANCE, uses: usesOf(middle) },
  { upTo: LONG_DISTANCE, uses: usesOf(shared) },
  { upTo: Infinity, uses: usesOf(long) },
];

/**
 * With the second number the last sessions are sized by the race: a repetition is
 * a third of it at most, the session four fifths.
 */
const second: readonly UsesUpTo[] = [
  { upTo: 1300, uses: usesOf(ending(middle, library['last-twohundreds'])) },
  { upTo: 2300, uses: usesOf(ending(middle, library['last-threehundreds'])) },
  { upTo: MIDDLE_DISTANCE, uses: usesOf(ending(middle, library['last-sixhundreds'])) },
  { upTo: 4500, uses: usesOf(ending(shared, library['last-sixhundreds'])) },
  { upTo: LONG_DISTANCE, uses: usesOf(shared) },
  {
    upTo: Infinity,
    uses: usesOf({
      ...long,
      speed: [library['race-pace-stretches'], library['half-hour-kilometres']],
    }),
  },
];

const quick: Pick<Record<PhaseKind, Pair>, 'speed'> = {
  speed: [library['fewer-and-longer'], library['quick-fourhundreds']],
};

/** With the third number every speed phase holds running quicker than 5 km pace. */
const third: readonly UsesUpTo[] = [
  ...second.slice(0, 3),
  { upTo: 4500, uses: usesOf({ ...ending(shared, library['last-sixhundreds']), ...quick }) },
  { upTo: LONG_DISTANCE, uses: usesOf({ ...shared, ...quick }) },
  {
    upTo: Infinity,
    uses: usesOf({
      ...long,
      speed: [library['race-pace-stretches'], library['quick-fourhundreds']],
    }),
  },
];

const ownPace: Pick<Record<PhaseKind, Pair>, 'speed'> = {
  speed: [library['race-pace-repetitions'], library['quick-fourhundreds']],
};
const stretches: Pick<Record<PhaseKind, Pair>, 'speed' | 'specific' | 'sharpening'> = {
  speed: [library['race-pace-stretches'], library['quick-fourhundreds']],
  specific: long.specific,
  sharpening: [library['one-fewer'], library['race-pace-stretches']],
};

/**
 * With the fourteenth the pace of every race is run before its taper, of those too
 * that no pace is named after: two miles, 8 km, 15 km, ten miles.
 */
const fourteenth: readonly UsesUpTo[] = [
  { upTo: 600, uses: usesOf(ending(middle, library['last-hundreds'])) },
  ...second.slice(0, 3),
  {
    upTo: 4500,
    uses: usesOf({ ...ending(shared, library['last-sixhundreds']), ...ownPace }),
  },
  { upTo: 4900, uses: usesOf({ ...shared, ...ownPace }) },
  { upTo: 5100, uses: usesOf({ ...shared, ...quick }) },
  { upTo: 12_500, uses: usesOf({ ...shared, ...ownPace }) },
  { upTo: LONG_DISTANCE, uses: usesOf({ ...shared, ...stretches }) },
  ...third.slice(-1),
];

/** A block’s last weeks before a short race: its own pace in longer pieces than the two hundreds before them. */
const inLonger = (family: Progression, last: Progression) => ({
  ...ending(middle, last),
  specific: [family, library['half-hour-kilometres']] as const,
});

/** With the seventeenth what is specific to a short race grows longer than its speed. */
const seventeenth: readonly UsesUpTo[] = [
  { upTo: 600, uses: usesOf(ending(middle, library['last-hundreds'])) },
  { upTo: 799, uses: usesOf(ending(middle, library['last-twohundreds'])) },
  {
    upTo: 1300,
    uses: usesOf(inLonger(library['longer-fourhundreds'], library['last-twohundreds'])),
  },
  {
    upTo: 2300,
    uses: usesOf(inLonger(library['longer-sixhundreds'], library['last-threehundreds'])),
  },
  {
    upTo: MIDDLE_DISTANCE,
    uses: usesOf(inLonger(library['longer-kilometres'], library['last-sixhundreds'])),
  },
  ...fourteenth.slice(4),
];

/** Families by race distance, under each number of defaults. */
export const usesSince: Since<readonly UsesUpTo[]> = {
  1: first,
  2: second,
  3: third,
  14: fourteenth,
  17: seventeenth,
};

/** Families for the quality days of every phase, by race distance in metres. The same list for the same kind of race. */
export function suggestUses(distance: number, engine = newestEngine): SessionUse[] {
  const fitting = inForce(usesSince, engine).find(({ upTo }) => distance <= upTo);
  return fitting?.uses ?? [];
}

/** The same families with another for the taper and race week. */
function ending(pairs: Readonly<Record<PhaseKind, Pair>>, last: Progression) {
  const pair: Pair = [last, last];
  return { ...pairs, taper: pair, 'race-week': pair, recovery: pair };
}

function usesOf(pairs: Readonly<Record<PhaseKind, Pair>>): SessionUse[] {
  return phaseKinds.flatMap((phase) =>
    pairs[phase].map((family, index) => ({ phase, place: index + 1, family })),
  );
}
