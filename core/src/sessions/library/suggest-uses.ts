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
const LONG_DISTANCE = 20_000;

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

const middle = usesOf({
  ...shared,
  threshold: [library['growing-repetitions'], library.tempo],
  speed: [library['two-sets'], library['fewer-and-longer']],
  specific: [library['two-sets'], library['half-hour-kilometres']],
  sharpening: [library['one-fewer'], library['quick-twohundreds']],
});
const usual = usesOf(shared);
const long = usesOf({
  ...shared,
  speed: [library['half-hour-kilometres'], library['race-pace-stretches']],
  specific: [library['race-pace-stretches'], library['broken-tempo']],
  sharpening: [library['growing-repetitions'], library['race-pace-stretches']],
});

/** Families by kind of race, under each number of defaults. */
export const usesSince: Since<{ middle: SessionUse[]; usual: SessionUse[]; long: SessionUse[] }> = {
  1: { middle, usual, long },
};

/** Families for the quality days of every phase, by race distance in metres. The same list for the same kind of race. */
export function suggestUses(distance: number, engine = newestEngine): SessionUse[] {
  const uses = inForce(usesSince, engine);
  if (distance <= MIDDLE_DISTANCE) return uses.middle;
  return distance < LONG_DISTANCE ? uses.usual : uses.long;
}

function usesOf(pairs: Readonly<Record<PhaseKind, Pair>>): SessionUse[] {
  return phaseKinds.flatMap((phase) =>
    pairs[phase].map((family, index) => ({ phase, place: index + 1, family })),
  );
}
