import { type BlockFile, fitAnswer, fitTasks } from '@nadir/contract';
import load from 'highs';
import { beforeAll, expect, it } from 'vitest';
import { answerFit } from './answer-fit.js';
import { solveWith } from './highs.js';

const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 2,
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  phases: { layout: 'four-equal-parts' },
  volume: {
    start: 55_000,
    peak: 92_000,
    holdAtPeak: 2,
    growth: { school: 'percentage', cap: 0.1 },
    recovery: { every: 4, depth: 0.25, reEntry: 'one-step-above' },
  },
  longRun: { start: 19_000, peak: 32_000 },
};

let solve: ReturnType<typeof solveWith>;
beforeAll(async () => {
  solve = solveWith(await load());
});
const ask = (task: (typeof fitTasks)[number], part: Partial<BlockFile> = {}) =>
  answerFit({ task, wishes: { ...wishes, ...part } }, solve);

it('answers in words, with a change the page can take', () => {
  const { words, command } = ask('lowest-growth');
  expect(words).toBe('5.3% a week reaches 92 km.');
  expect(command?.change.volume?.growth).toEqual({ school: 'percentage', cap: 0.053 });
});

it('says of the nearest block which rules are exceeded, and by how much', () => {
  expect(ask('nearest-block')).toMatchObject({ bends: [], command: null });
  const pins = [
    { week: 6, volume: 75_000 },
    { week: 7, volume: 90_000 },
  ];
  const { bends, asItIs } = ask('nearest-block', { pins });
  expect(bends).toEqual([{ rule: 'growth', week: 7, by: expect.closeTo(7500, 0) as number }]);
  expect(asItIs.length).toBeGreaterThanOrEqual(bends.length);
});

it('every answer is one the contract takes', () => {
  for (const task of fitTasks) {
    expect(fitAnswer.safeParse(ask(task, { pins: [{ week: 9, volume: 99_000 }] })).success).toBe(
      true,
    );
  }
});
