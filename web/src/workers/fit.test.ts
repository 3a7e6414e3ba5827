import { type BlockFile, fitAnswer, fitTasks } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { nearestBlock } from '@nadir/core/solve';
import type { BlockSpec } from '@nadir/core/spec';
import load from 'highs';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { answerFit } from './answer-fit.js';
import { solveWith } from './highs.js';

const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 1,
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

describe('find me', () => {
  // Ten rises from 55 to 92 km need 5.28 %: up to a tenth, 5.3 %.
  it('the lowest growth that reaches the peak', () => {
    const { words, command } = ask('lowest-growth');
    expect(words).toBe('5.3 % a week reaches 92 km.');
    expect(command?.change.volume?.growth).toEqual({ school: 'percentage', cap: 0.053 });
  });

  // 55 km × 1.1¹⁰ = 142.66.
  it('the highest peak under the cap', () => {
    expect(ask('highest-peak').command?.change.volume?.peak).toBe(142_000);
  });

  it('the fewest weeks, and one less is too few', () => {
    const { command } = ask('fewest-weeks');
    const feasible = (weeks: number) =>
      layOut({ ...wishes, weeks, start: undefined }).feasible.feasible;
    const weeks = command?.change.weeks ?? 0;
    expect(feasible(weeks)).toBe(true);
    expect(feasible(weeks - 1)).toBe(false);
  });

  it('says so where the pins outgrow the cap', () => {
    const pins = [
      { week: 2, volume: 56_000 },
      { week: 3, volume: 80_000 },
    ];
    expect(ask('highest-peak', { pins }).command).toBeNull();
    expect(ask('fewest-weeks', { pins }).words).toMatch(/^Not even 30 weeks/);
  });

  it('recovery weeks in a holiday and before a race on the way, never in a camp', () => {
    const { command } = ask('place-recovery', {
      events: [
        { kind: 'holiday', name: 'Holiday', from: '2027-01-11', to: '2027-01-17' },
        { kind: 'camp', name: 'Camp', from: '2027-01-18', to: '2027-01-31' },
      ],
    });
    const weeks = command?.change.volume?.recovery?.weeks ?? [];
    expect(weeks).toContain(5);
    expect(weeks).not.toContain(6);
    expect(weeks).not.toContain(7);
    const block = layOut({ ...wishes, volume: { ...wishes.volume, ...command?.change.volume } });
    expect(block.findings.map(({ check }) => check)).not.toContain('no-recovery-week');
  });
});

describe('the nearest block', () => {
  it('has nothing to bend where every rule holds', () => {
    expect(ask('nearest-block')).toMatchObject({ bends: [], command: null });
  });

  it('keeps pins that contradict the cap, and bends only what they cannot keep', () => {
    const pins = [
      { week: 6, volume: 75_000 },
      { week: 7, volume: 90_000 },
    ];
    // From 75 to 90 km are 20 %: 7.5 km over the cap whatever else is done.
    const { bends, asItIs } = ask('nearest-block', { pins });
    expect(bends).toEqual([{ rule: 'growth', week: 7, by: expect.closeTo(7500, 0) as number }]);
    expect(asItIs.length).toBeGreaterThanOrEqual(bends.length);
  });

  const pinned = fc.uniqueArray(
    fc.record({ week: fc.integer({ min: 2, max: 15 }), volume: fc.integer({ min: 30, max: 130 }) }),
    { minLength: 1, maxLength: 4, selector: ({ week }) => week },
  );

  it('never bends more than the block as it is, and keeps every pin', () => {
    fc.assert(
      fc.property(pinned, (drawn) => {
        const pins = drawn.map(({ week, volume }) => ({ week, volume: volume * 1000 }));
        const block = layOut({ ...(wishes as BlockSpec), pins });
        const { amounts, bends, asItIs, command } = nearestBlock(block, solve);
        const cost = (found: typeof bends) => found.reduce((total, bend) => total + bend.cost, 0);
        expect(cost(bends)).toBeLessThanOrEqual(cost(asItIs) + 1e-6);
        for (const { week, volume } of pins) expect(amounts.volumes[week - 1]).toBe(volume);
        if (!command) return;
        const taken = layOut({ ...block.spec, ...command.change });
        taken.weeks.forEach(({ volume }, index) => {
          if (amounts.volumes[index] !== block.weeks[index]?.volume)
            expect(volume).toBeCloseTo(amounts.volumes[index] ?? 0, 3);
        });
      }),
      { numRuns: 40, seed: 20270418 },
    );
  });
});

it('every answer is one the contract takes', () => {
  for (const task of fitTasks) {
    expect(fitAnswer.safeParse(ask(task, { pins: [{ week: 9, volume: 99_000 }] })).success).toBe(
      true,
    );
  }
});
