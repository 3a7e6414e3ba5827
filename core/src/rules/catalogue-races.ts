import { type RaceClassName, raceClassNames } from './race-class.js';
import { type RaceRules, defaultRaceRules } from './race-rules.js';
import type { Rule } from './rule.js';

type RaceRule = Omit<Rule, 'path' | 'group' | 'race' | 'usual'> & {
  /** Path within the rules of one race distance. */
  path: string;
  usual: (rules: RaceRules) => readonly [least: number, most: number];
};

const weeks = { quantity: 'weeks', least: 1, most: 30 } as const;
const days = { quantity: 'days', least: 0, most: 120 } as const;
const distance = { quantity: 'distance', least: 0, most: 400_000 } as const;

/** A quarter to either side of the default. */
const around = (amount: number): readonly [number, number] => [amount * 0.75, amount * 1.25];

const rules: readonly RaceRule[] = [
  {
    path: 'weeks.least',
    title: 'Weeks, at least',
    ...weeks,
    usual: ({ weeks: { least, usual } }) => [least, usual],
    why: 'A shorter block leaves no room to adapt.',
    checks: ['block-too-short'],
  },
  {
    path: 'weeks.usual',
    title: 'Weeks, usual',
    ...weeks,
    usual: ({ weeks: { least, most } }) => [least, most],
    why: 'What a new block starts from.',
    checks: [],
  },
  {
    path: 'weeks.most',
    title: 'Weeks, at most',
    ...weeks,
    usual: ({ weeks: { usual, most } }) => [usual, most],
    why: 'A longer one drags on at high volume.',
    checks: ['block-too-long'],
  },
  {
    path: 'taperDays.least',
    title: 'Taper days, at least',
    ...days,
    usual: ({ taperDays: { least, most } }) => [least, most],
    why: 'Heavy legs need this long to lift.',
    checks: ['taper-too-short'],
  },
  {
    path: 'taperDays.most',
    title: 'Taper days, at most',
    ...days,
    usual: ({ taperDays: { least, most } }) => [least, most],
    why: 'Longer, and fitness goes with the fatigue.',
    checks: ['taper-too-long'],
  },
  {
    path: 'peakVolume.least',
    title: 'Heaviest week, at least',
    ...distance,
    usual: ({ peakVolume }) => around(peakVolume.least),
    why: 'Under it the distance is finished rather than raced.',
    checks: ['volume-low-for-distance'],
  },
  {
    path: 'peakVolume.usual',
    title: 'Heaviest week, usual',
    ...distance,
    usual: ({ peakVolume }) => around(peakVolume.usual),
    why: 'What a first suggestion aims at.',
    checks: [],
  },
  {
    path: 'peakWeeksOut.least',
    title: 'Last peak week, at least weeks out',
    ...weeks,
    usual: ({ peakWeeksOut: { least, most } }) => [least, most],
    why: 'A later peak is still in the legs on race day.',
    checks: ['peak-near-race'],
  },
  {
    path: 'peakWeeksOut.most',
    title: 'Last peak week, at most weeks out',
    ...weeks,
    usual: ({ peakWeeksOut: { least, most } }) => [least, most],
    why: 'An earlier peak is forgotten by race day.',
    checks: ['peak-far-from-race'],
  },
  {
    path: 'longRunPeak',
    title: 'Peak long run, usual',
    ...distance,
    most: 100_000,
    usual: ({ longRunPeak = 0 }) => around(longRunPeak),
    why: 'What a first suggestion aims at.',
    checks: [],
  },
  {
    path: 'longRunShareExtra',
    title: 'Long run, more of the week',
    quantity: 'share',
    least: 0,
    most: 0.5,
    usual: () => [0, 0.1],
    why: 'A longer race asks for more of the week in one run.',
    checks: ['long-run-over-share'],
  },
  {
    path: 'longRunsNearPeak.least',
    title: 'Long runs near the peak, at least',
    quantity: 'count',
    least: 0,
    most: 30,
    usual: ({ longRunsNearPeak: { least, most } }) => [least, most],
    why: 'One alone is an experiment.',
    checks: ['few-long-runs'],
  },
  {
    path: 'longRunsNearPeak.most',
    title: 'Long runs near the peak, at most',
    quantity: 'count',
    least: 0,
    most: 30,
    usual: ({ longRunsNearPeak: { least, most } }) => [least, most],
    why: 'Each costs days of good work.',
    checks: ['many-long-runs'],
  },
  {
    path: 'tuneUp.daysBefore',
    title: 'Tune-up race: easier days before',
    ...days,
    most: 21,
    usual: ({ tuneUp }) => [Math.max(0, tuneUp.daysBefore - 1), tuneUp.daysBefore + 2],
    why: 'Enough to race honestly, not a taper.',
    checks: [],
  },
  {
    path: 'tuneUp.daysAfter',
    title: 'Tune-up race: easy days after',
    ...days,
    most: 42,
    usual: ({ tuneUp }) => [Math.max(0, tuneUp.daysAfter - 1), tuneUp.daysAfter + 3],
    why: 'Nothing hard until the race is out of the legs.',
    checks: [],
  },
  {
    path: 'tuneUp.daysToGoal',
    title: 'Tune-up race: days to the goal race',
    ...days,
    usual: ({ tuneUp }) => [tuneUp.daysToGoal, tuneUp.daysToGoal * 2],
    why: 'Nearer to the goal race it costs more than it tells.',
    checks: ['tune-up-near-race'],
  },
  {
    path: 'tuneUp.warmUp',
    title: 'Tune-up race: warm-up, and cool-down',
    quantity: 'distance',
    least: 0,
    most: 10_000,
    usual: ({ tuneUp }) => [Math.max(0, tuneUp.warmUp - 1000), tuneUp.warmUp + 1000],
    why: 'Each, around the race itself; the shorter the race, the more of it. At most a tenth of the week that the block starts from.',
    checks: [],
  },
  {
    path: 'weeksToNext',
    title: 'Weeks to the next goal race',
    ...weeks,
    most: 52,
    usual: ({ weeksToNext }) => [weeksToNext, weeksToNext * 2],
    why: 'Rest, return and a block take this long at least.',
    checks: ['races-too-close'],
  },
];

/** The figures that every race distance has of its own. */
export const raceRulesInCatalogue: readonly Rule[] = raceClassNames.flatMap((race) =>
  rules.filter(has(race)).map((rule) => ({
    ...rule,
    path: `races.${race}.${rule.path}`,
    group: 'races' as const,
    usual: rule.usual(defaultRaceRules[race]),
    race,
  })),
);

/** Middle distance takes its long run as a part of the week and has no length of its own. */
function has(race: RaceClassName) {
  return ({ path }: RaceRule) =>
    path !== 'longRunPeak' || defaultRaceRules[race].longRunPeak !== undefined;
}
