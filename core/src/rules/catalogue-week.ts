import { type CrossKind, crossKinds, crossWords } from './cross-training.js';
import type { Rule, RuleGroup } from './rule.js';

type Figures = Omit<Rule, 'path' | 'group' | 'title' | 'why' | 'checks'> &
  Partial<Pick<Rule, 'checks'>>;

/** Makes rules of one group. */
const inGroup =
  (group: RuleGroup) =>
  (path: string, title: string, why: string, rest: Figures): Rule => ({
    path,
    group,
    title,
    why,
    checks: [],
    ...rest,
  });

const ofCross = inGroup('cross');
const ofSessions = inGroup('sessions');
const ofWeek = inGroup('week');

const share = { quantity: 'share', least: 0, most: 1 } as const;
const factor = { quantity: 'factor', least: 0, most: 10 } as const;
const distance = { quantity: 'distance', least: 0, most: 400_000 } as const;
const time = { quantity: 'time', least: 0, most: 180_000 } as const;
const days = { quantity: 'days', least: 0, most: 7 } as const;

/** Most of what cross-training is taken to be worth, and least. */
const USUAL: Readonly<Record<CrossKind, readonly [number, number]>> = {
  pool: [0.9, 1],
  bike: [0.4, 0.8],
  swim: [0.4, 0.8],
  elliptical: [0.7, 1],
  ski: [0.8, 1.1],
};

/** Figures behind dealing out a week, its sessions, cross-training and race week. */
export const weekInCatalogue: readonly Rule[] = [
  ofWeek('week.semiLong', 'The semi-long run', 'Against an easy day: a second run to grow on.', {
    ...share,
    most: 3,
    usual: [1.2, 1.6],
    checks: ['semi-long-near-long'],
  }),
  ofWeek('week.recoveryRun', 'A recovery run', 'Against an easy day: to loosen, not to build.', {
    ...share,
    usual: [0.4, 0.8],
  }),
  ofWeek('week.second', 'The second run of a day', 'Against its first.', {
    ...share,
    usual: [0.3, 0.7],
  }),
  ofWeek(
    'week.semiLongFrom.distance',
    'A semi-long run from',
    'Smaller weeks have no room for one.',
    {
      ...distance,
      usual: [60_000, 90_000],
    },
  ),
  ofWeek(
    'week.semiLongFrom.time',
    'A semi-long run from, by time',
    'Smaller weeks have no room for one.',
    {
      ...time,
      usual: [18_000, 28_800],
    },
  ),
  ofWeek('week.doublesFrom.distance', 'Two runs a day from', 'Below, one longer run does more.', {
    ...distance,
    usual: [85_000, 110_000],
    checks: ['doubles-too-soon'],
  }),
  ofWeek(
    'week.doublesFrom.time',
    'Two runs a day from, by time',
    'Below, one longer run does more.',
    {
      ...time,
      usual: [25_200, 36_000],
      checks: ['doubles-too-soon'],
    },
  ),
  ofWeek(
    'week.longestSingle',
    'The longest easy run in one go',
    'Where days may be run twice, a longer one is split.',
    { ...time, usual: [75 * 60, 120 * 60] },
  ),
  ofWeek('week.easyBetween', 'Easy days between hard ones', 'Two are preferred by many.', {
    ...days,
    usual: [1, 2],
    checks: ['hard-days-adjacent'],
  }),
  ofWeek(
    'week.mostMonotony',
    'Monotony at most',
    'Mean daily load over its spread; above, illness comes sooner.',
    {
      ...factor,
      usual: [1.5, 2.5],
      checks: ['monotony'],
    },
  ),
  ...(
    [
      ['strength', 'Strength work', [1200, 2700]],
      ['core', 'Core work', [600, 1200]],
      ['mobility', 'Mobility work', [300, 1200]],
    ] as const
  ).map(([kind, title, usual]) =>
    ofWeek(`week.${kind}Time`, title, 'What it is set down at; it counts into no volume.', {
      ...time,
      most: 7200,
      usual,
    }),
  ),
  ofSessions(
    'sessions.warmUp.distance',
    'Warming up, and cooling down',
    'Each, at least: a session that leaves no room for them is made smaller.',
    {
      ...distance,
      most: 10_000,
      usual: [1500, 4000],
    },
  ),
  ofSessions(
    'sessions.warmUp.time',
    'Warming up, and cooling down, by time',
    'Each, at least: a session that leaves no room for them is made smaller.',
    {
      ...time,
      most: 3600,
      usual: [600, 1200],
    },
  ),
  ofSessions(
    'sessions.mostWarmUp.distance',
    'Warming up, and cooling down, up to',
    'Each, at most: what is left of the week goes to easy days.',
    { ...distance, most: 20_000, usual: [2000, 5000] },
  ),
  ofSessions(
    'sessions.mostWarmUp.time',
    'Warming up, and cooling down, up to, by time',
    'Each, at most: what is left of the week goes to easy days.',
    { ...time, most: 7200, usual: [900, 1800] },
  ),
  ofSessions(
    'sessions.firstHard',
    'Hard part of the first key session',
    'Of its week; later families take over what the one before had.',
    {
      ...share,
      usual: [0.04, 0.08],
    },
  ),
  ofSessions(
    'sessions.mostHard',
    'Hard part of any key session',
    'Of its week; what would go over stays as it was.',
    {
      ...share,
      usual: [0.08, 0.14],
    },
  ),
  ofSessions(
    'sessions.mostQuick',
    'Hard part at 3 km pace or quicker',
    'Quick repetitions and hills hurt soonest: a twentieth of the week is plenty.',
    { ...share, usual: [0.03, 0.06] },
  ),
  ofSessions(
    'sessions.mostInterval',
    'Hard part at 5 to 10 km pace',
    'Minutes at the limit of breath; more of them is a race.',
    { ...share, usual: [0.06, 0.1] },
  ),
  ofSessions(
    'sessions.mostSteady',
    'Hard part at about marathon pace',
    'Costs less than it looks: mid-week of a marathon block may hold long stretches.',
    { ...share, usual: [0.12, 0.2] },
  ),
  ofSessions(
    'sessions.mostOfWeek',
    'Hard running of a week',
    'More, and the easy days are no longer enough.',
    {
      ...share,
      usual: [0.2, 0.35],
      checks: ['too-much-hard'],
    },
  ),
  ofSessions(
    'sessions.leastWhenQuick',
    'Hard running in a speed phase',
    'At least; less is hardly felt.',
    {
      ...share,
      usual: [0.05, 0.15],
      checks: ['too-little-hard'],
    },
  ),
  ofSessions(
    'sessions.mostJump',
    'A change of session adds at most',
    'To the hard running of its day.',
    {
      ...share,
      most: 3,
      usual: [0.1, 0.4],
      checks: ['hard-running-jump'],
    },
  ),
  ofSessions(
    'raceWeek.lastSession',
    'Last key session before the race',
    'Nearer, it is still felt on race day.',
    {
      ...days,
      least: 1,
      usual: [3, 5],
    },
  ),
  ofSessions(
    'raceWeek.restDaysOut',
    'Day of rest before the race',
    '2: two days out, and strides the day before. 1: the day before. 0: none.',
    {
      ...days,
      most: 3,
      usual: [1, 2],
    },
  ),
  ofSessions('raceWeek.shakeOut', 'The eve of the race', 'A shake-out with strides.', {
    ...time,
    most: 3600,
    usual: [1200, 1800],
  }),
  ...crossKinds.map((kind) =>
    ofCross(
      `cross.${kind}`,
      crossWords[kind].title,
      'A minute of it in minutes of easy running; never counted as impact.',
      { ...factor, most: 2, usual: USUAL[kind] },
    ),
  ),
  ofCross('cross.usual', 'A day of cross-training', 'Where it stands in the week by itself.', {
    ...time,
    most: 14_400,
    usual: [1800, 5400],
  }),
];
