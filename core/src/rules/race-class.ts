/** The classes a goal race falls into by its distance, shortest first. */
export const raceClassNames = [
  'middle-distance',
  '5-km',
  '10-km',
  'half-marathon',
  'marathon',
] as const;

export type RaceClassName = (typeof raceClassNames)[number];

interface RaceClass {
  name: RaceClassName;
  /** Its name in a sentence. */
  words: string;
  /** Longest race distance of this class, metres. */
  upTo: number;
}

const classes: readonly RaceClass[] = [
  { name: 'middle-distance', words: 'middle distance', upTo: 3000 },
  { name: '5-km', words: '5 km', upTo: 7500 },
  { name: '10-km', words: '10 km', upTo: 15_000 },
  { name: 'half-marathon', words: 'half marathon', upTo: 30_000 },
  { name: 'marathon', words: 'marathon', upTo: Infinity },
];

/** The class of a race of `distance` metres; the last class has no upper end. */
export function raceClass(distance: number): RaceClass {
  const found = classes.find(({ upTo }) => distance <= upTo);
  if (!found) throw new RangeError(`race distance: expected metres, received ${distance}`);
  return found;
}

/** A class's name in a sentence: `half-marathon` → `half marathon`. */
export function raceClassWords(name: RaceClassName): string {
  return classes.find((each) => each.name === name)?.words ?? name;
}

/** True for races of the track, up to 3000 m. */
export function isMiddleDistance(distance: number): boolean {
  return raceClass(distance).name === 'middle-distance';
}

/** Half marathon and beyond: races that a long run of their own leads up to. */
export function isLongRace(distance: number): boolean {
  const { name } = raceClass(distance);
  return name === 'half-marathon' || name === 'marathon';
}
