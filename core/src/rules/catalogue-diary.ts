import type { Rule } from './rule.js';

const days = { quantity: 'days', least: 0, most: 60 } as const;
const share = { quantity: 'share', least: 0, most: 1 } as const;
const count = { quantity: 'count', least: 1 } as const;

const rule = (
  path: string,
  title: string,
  why: string,
  rest: Pick<Rule, 'quantity' | 'least' | 'most' | 'usual'>,
): Rule => ({ path: `diary.${path}`, group: 'diary', title, why, checks: [], ...rest });

/** Figures behind what a review says and proposes. */
export const diaryInCatalogue: readonly Rule[] = [
  rule('fewMissed', 'Missed days that change nothing', 'In a row: carry on as planned.', {
    ...days,
    usual: [2, 4],
  }),
  rule(
    'someMissed',
    'Missed days that cost a week',
    'More than these are come back from by steps.',
    {
      ...days,
      usual: [6, 10],
    },
  ),
  rule('afterSome', 'The week after those', 'Of the plan, hard running from its second half on.', {
    ...share,
    usual: [0.7, 0.8],
  }),
  ...(
    [
      ['first', 'First step back', [0.4, 0.6]],
      ['second', 'Second step back', [0.6, 0.8]],
      ['third', 'Third step back', [0.8, 0.9]],
    ] as const
  ).map(([step, title, usual]) =>
    rule(`stepsBack.${step}`, title, 'Of the last whole week, a step for each week missed.', {
      ...share,
      usual,
    }),
  ),
  rule('poolDays', 'Days in the pool for a niggle', 'Minute for minute, before a run is tried.', {
    ...days,
    most: 28,
    usual: [2, 5],
  }),
  rule('quietDays', 'Days without anything hard after it', 'Easy running comes back first.', {
    ...days,
    most: 28,
    usual: [5, 10],
  }),
  rule('light', 'A week was light under', 'Of what was planned.', { ...share, usual: [0.8, 0.95] }),
  rule('heavy', 'A week was heavy over', 'Of what was planned: said as plainly.', {
    ...share,
    least: 1,
    most: 2,
    usual: [1.05, 1.2],
  }),
  rule('easyMargin', 'Easy running too quick by', 'Against the quick end of its pace.', {
    quantity: 'pace',
    least: 0,
    most: 60,
    usual: [3, 10],
  }),
  rule('repsMargin', 'Repetitions too quick by', 'Against what was set, on the mean.', {
    ...share,
    most: 0.2,
    usual: [0.01, 0.03],
  }),
  rule('sore', 'Soreness is said from', 'On a scale of one to ten.', {
    ...count,
    most: 10,
    usual: [3, 5],
  }),
  rule('pulseOver', 'Pulse is high from, beats', 'Over the usual of the mornings before.', {
    ...count,
    most: 40,
    usual: [5, 10],
  }),
  rule('beatShare', 'Metres per heartbeat are few under', 'Of the usual ones, on easy runs.', {
    ...share,
    usual: [0.93, 0.97],
  }),
  rule('hardEffort', 'An easy day was hard from effort', 'On a scale of one to ten.', {
    ...count,
    most: 10,
    usual: [6, 8],
  }),
];
