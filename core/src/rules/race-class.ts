/**
 * What depends on the goal race's distance, as a table. Every figure is policy
 * (a default that belongs to the coach), with its usual range from practice.
 */
export interface RaceClass {
  name: 'middle distance' | '5 km' | '10 km' | 'half marathon' | 'marathon';
  /** Longest race distance of this class, metres. */
  upTo: number;
  /** Weeks of a block: least, usual, and most before it drags on. */
  blockWeeks: { least: number; usual: number; most: number };
  /** Days of taper: shortest and longest, race day not counted. */
  taperDays: { least: number; most: number };
  /** Heaviest week below which the distance is under-prepared, metres. */
  leastPeakVolume: number;
  /** Heaviest week a first suggestion aims at, metres. */
  usualPeakVolume: number;
  /** Peak long run a first suggestion aims at, metres; undefined: a share of the week. */
  longRunPeak?: number;
  /** Share added to the limit on the long run's part of the week. */
  longRunShareExtra: number;
}

const classes: readonly RaceClass[] = [
  {
    name: 'middle distance',
    upTo: 3000,
    blockWeeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    leastPeakVolume: 25_000,
    usualPeakVolume: 60_000,
    longRunShareExtra: 0,
  },
  {
    name: '5 km',
    upTo: 7500,
    blockWeeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    leastPeakVolume: 25_000,
    usualPeakVolume: 55_000,
    longRunPeak: 13_000,
    longRunShareExtra: 0,
  },
  {
    name: '10 km',
    upTo: 15_000,
    blockWeeks: { least: 8, usual: 12, most: 16 },
    taperDays: { least: 7, most: 10 },
    leastPeakVolume: 32_000,
    usualPeakVolume: 60_000,
    longRunPeak: 16_000,
    longRunShareExtra: 0,
  },
  {
    name: 'half marathon',
    upTo: 30_000,
    blockWeeks: { least: 10, usual: 14, most: 18 },
    taperDays: { least: 10, most: 21 },
    leastPeakVolume: 40_000,
    usualPeakVolume: 65_000,
    longRunPeak: 20_000,
    longRunShareExtra: 0,
  },
  {
    name: 'marathon',
    upTo: Infinity,
    blockWeeks: { least: 12, usual: 16, most: 20 },
    taperDays: { least: 14, most: 21 },
    leastPeakVolume: 56_000,
    usualPeakVolume: 80_000,
    longRunPeak: 32_000,
    longRunShareExtra: 0.05,
  },
];

/** The class of a race of `distance` metres; the last class has no upper end. */
export function raceClass(distance: number): RaceClass {
  const found = classes.find(({ upTo }) => distance <= upTo);
  if (!found) throw new RangeError(`race distance: expected metres, received ${distance}`);
  return found;
}
