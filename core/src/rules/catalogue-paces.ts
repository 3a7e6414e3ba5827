import type { Rule } from './rule.js';

const figure = (
  path: string,
  title: string,
  why: string,
  rest: Omit<Rule, 'path' | 'group' | 'title' | 'why' | 'checks'> & Partial<Pick<Rule, 'checks'>>,
): Rule => ({ path: `paces.${path}`, group: 'paces', title, why, checks: [], ...rest });

const weeks = { quantity: 'weeks', least: 1, most: 52 } as const;
const distance = { quantity: 'distance', least: 0, most: 400_000 } as const;
const step = { quantity: 'pace', least: 0, most: 60, usual: [1, 15] } as const;

const rungs = [
  ['to1500', '800 m to 1500 m'],
  ['toMile', '1500 m to the mile'],
  ['to3000', 'The mile to 3000 m'],
  ['to5000', '3000 m to 5 km'],
  ['to10k', '5 km to 10 km'],
  ['toHalf', '10 km to half marathon'],
  ['toMarathon', 'Half marathon to marathon'],
] as const;

/** Figures behind paces and tests. */
export const pacesInCatalogue: readonly Rule[] = [
  figure(
    'staleWeeks',
    'A result is stale after',
    'Fitness moves on; what is older counts half, and less.',
    {
      ...weeks,
      usual: [8, 16],
      checks: ['paces-stale'],
    },
  ),
  figure(
    'improvement',
    'Pace gained in a month',
    'A rule of thumb, not a promise; the quicker the athlete, the less.',
    {
      quantity: 'share',
      least: 0,
      most: 0.1,
      usual: [0.005, 0.02],
      checks: ['goal-far-from-fitness'],
    },
  ),
  figure(
    'easyGap',
    'Easy, slower than marathon pace by',
    'Easy running that is too quick costs the hard days.',
    {
      quantity: 'pace',
      least: 0,
      most: 180,
      usual: [40, 90],
      checks: ['easy-pace-too-fast'],
    },
  ),
  figure(
    'littleRunning',
    'Little running for a marathon',
    'Heaviest week at which a marathon is slowed in full.',
    {
      ...distance,
      usual: [30_000, 60_000],
    },
  ),
  figure(
    'enoughRunning',
    'Enough running for a marathon',
    'Heaviest week from which shorter races predict it well.',
    {
      ...distance,
      usual: [80_000, 120_000],
    },
  ),
  figure(
    'littleRunningExponent',
    'Exponent on little running',
    'From half marathon to marathon; runners of low volume fade more.',
    {
      quantity: 'factor',
      least: 1.06,
      most: 1.3,
      usual: [1.08, 1.15],
    },
  ),
  figure(
    'weeksToTest',
    'Weeks without a test',
    'Longer, and nobody knows whether the paces still fit.',
    {
      ...weeks,
      usual: [6, 10],
      checks: ['test-missing'],
    },
  ),
  figure(
    'testToGoal',
    'Days from the last test to the race',
    'A test nearer than that tells too late and tires too near.',
    {
      quantity: 'days',
      least: 0,
      most: 60,
      usual: [10, 21],
      checks: ['test-too-late'],
    },
  ),
  ...rungs.map(([path, title]) =>
    figure(
      `ladder.${path}`,
      `Ladder: ${title}`,
      'How much slower than over the race distance before, on the coach’s own ladder.',
      step,
    ),
  ),
];
