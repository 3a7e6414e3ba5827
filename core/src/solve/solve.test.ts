import load from 'highs';
import type { LegacyHighs } from 'highs/legacy-types';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { applyChange } from '../edit/index.js';
import { layOut } from '../index.js';
import { defaultHouseRules } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { marathon } from '../testing/examples.js';
import { bendsOf, totalCost } from './bends.js';
import { fewestWeeks, highestPeak, lowestGrowth } from './find.js';
import { heaviestWeek, limitsOf } from './limits.js';
import { nearestBlock } from './nearest-block.js';
import { placeRecovery } from './place-recovery.js';
import { Program, type Solve } from './program.js';

let solve: Solve;
beforeAll(async () => {
  // Its types are of a module; what is there is the function itself.
  const highs: Pick<LegacyHighs, 'solve'> = await (load as unknown as () => Promise<LegacyHighs>)();
  solve = (program) => {
    const { Status, Columns } = highs.solve(program);
    const values = Object.entries(Columns as Record<string, { Primal?: number }>);
    return {
      optimal: Status === 'Optimal',
      values: Object.fromEntries(values.map(([name, { Primal = 0 }]) => [name, Primal])),
    };
  };
});
const laid = (part: Partial<BlockSpec> = {}) => layOut({ ...marathon, ...part });
/** From 75 to 90 km in a week are a fifth: 7.5 km over a cap of a tenth, whatever else is done. */
const steep = [
  { week: 6, volume: 75_000 },
  { week: 7, volume: 90_000 },
];

describe('a program', () => {
  it('is written as its sum, its rows, its bounds and its choices', () => {
    const program = new Program('Maximize');
    program.value(2, 'x');
    program.require(
      [
        [1, 'x'],
        [-0.5, 'y'],
      ],
      '<=',
      3,
    );
    program.bound('x', 0, 10);
    program.free('y');
    program.binary('z');
    expect(program.text().split('\n')).toEqual([
      'Maximize',
      ' cost: + 2 x',
      'Subject To',
      ' r0: + 1 x - 0.5 y <= 3',
      'Bounds',
      ' 0 <= x <= 10',
      ' y free',
      'Binary',
      ' z',
      'End',
    ]);
  });
});

describe('limits and what bends', () => {
  it('hand-worked: pins of 75 and 90 km bend growth by 7.5 km, 8.15% of the peak, and cost by it', () => {
    const block = laid({ pins: steep });
    const limits = limitsOf(block, defaultHouseRules);
    const amounts = {
      volumes: block.weeks.map(({ volume }) => volume),
      longRuns: block.weeks.map(({ longRun }) => longRun),
    };
    const bend = bendsOf(limits, amounts, block, defaultHouseRules).find(
      ({ rule, week }) => rule === 'growth' && week === 7,
    );
    expect(bend?.by).toBeCloseTo(90_000 - 1.1 * 75_000, 6);
    // Two for a bend at all, one for each per cent of the peak, weighed by the rule.
    const cost = defaultHouseRules.bending.growth * (2 + (100 * 7500) / 92_000);
    expect(bend?.cost).toBeCloseTo(cost, 6);
  });

  it('hold every week of a block that keeps its rules', () => {
    const block = laid();
    const amounts = {
      volumes: block.weeks.map(({ volume }) => volume),
      longRuns: block.weeks.map(({ longRun }) => longRun),
    };
    expect(bendsOf(limitsOf(block, defaultHouseRules), amounts, block, defaultHouseRules)).toEqual(
      [],
    );
    expect(heaviestWeek(block)).toBe(14);
  });
});

describe('find me', () => {
  it('the lowest growth: ten rises from 55 to 92 km need 5.28%, up to a tenth 5.3%', () => {
    const { words, command } = lowestGrowth(laid(), solve);
    expect(words).toBe('5.3% a week reaches 92 km.');
    expect(command?.change.volume?.growth).toMatchObject({ school: 'percentage', cap: 0.053 });
  });

  it('the highest peak under the cap: 55 km × 1.1¹⁰ = 142.66', () => {
    expect(highestPeak(laid(), solve).command?.change.volume?.peak).toBe(142_000);
  });

  it('the fewest weeks, and one less is too few', () => {
    const weeks = fewestWeeks(laid(), solve).command?.change.weeks ?? 0;
    const feasible = (count: number) => laid({ weeks: count, start: undefined }).feasible.feasible;
    expect([feasible(weeks), feasible(weeks - 1)]).toEqual([true, false]);
  });

  it('says so where the pins outgrow the cap', () => {
    const pins = [
      { week: 2, volume: 56_000 },
      { week: 3, volume: 80_000 },
    ];
    expect(highestPeak(laid({ pins }), solve).command).toBeUndefined();
    expect(fewestWeeks(laid({ pins }), solve).words).toMatch(/^Not even 30 weeks/);
    // From 56 to 80 km are 42.86%.
    const { growth } = lowestGrowth(laid({ pins }), solve).command?.change.volume ?? {};
    expect(growth?.cap).toBeCloseTo(0.429, 9);
  });
});

describe('recovery weeks', () => {
  const away = [
    { kind: 'holiday', name: 'Holiday', from: '2027-01-11', to: '2027-01-17' },
    { kind: 'camp', name: 'Camp', from: '2027-01-18', to: '2027-01-31' },
  ] as const;

  it('go into a holiday, never into a camp, and leave no stretch too long', () => {
    const events = [...away];
    const { command } = placeRecovery(laid({ events }), solve);
    const weeks = command?.change.volume?.recovery?.weeks ?? [];
    expect(weeks).toContain(5);
    expect(weeks.filter((week) => week === 6 || week === 7)).toEqual([]);
    const gaps = [0, ...weeks, 15].map((week, index, all) => week - (all[index - 1] ?? week) - 1);
    expect(Math.max(...gaps)).toBeLessThanOrEqual(4);
    const block = layOut(applyChange<BlockSpec>({ ...marathon, events }, command?.change ?? {}));
    expect(block.findings.map(({ check }) => check)).not.toContain('no-recovery-week');
  });

  it('stand as they were handed out in weeks that have begun', () => {
    const block = laid({ events: [...away] });
    const today = block.weeks[8]!.start;
    const before = block.weeks.filter(({ recovery, start }) => recovery && start < today);
    const weeks = placeRecovery(block, solve, today).command?.change.volume?.recovery?.weeks ?? [];
    expect(weeks.filter((week) => week < 9)).toEqual(before.map(({ number }) => number));
  });
});

describe('the nearest block', () => {
  it('has nothing to bend where every rule holds', () => {
    expect(nearestBlock(laid(), solve)).toMatchObject({ bends: [], command: undefined });
  });

  it('keeps pins that contradict the cap, and bends only what they cannot keep', () => {
    const { bends, asItIs } = nearestBlock(laid({ pins: steep }), solve);
    expect(bends.map(({ rule, week }) => [rule, week])).toEqual([['growth', 7]]);
    expect(bends[0]?.by).toBeCloseTo(7500, 0);
    expect(asItIs.length).toBeGreaterThanOrEqual(bends.length);
  });

  it('moves no week that has begun', () => {
    const block = laid({ pins: steep });
    const today = block.weeks[5]!.start;
    const { amounts } = nearestBlock(block, solve, today);
    expect(amounts.volumes.slice(0, 5)).toEqual(
      block.weeks.slice(0, 5).map(({ volume }) => volume),
    );
  });

  const pinned = fc.uniqueArray(
    fc.record({ week: fc.integer({ min: 2, max: 15 }), volume: fc.integer({ min: 30, max: 130 }) }),
    { minLength: 1, maxLength: 4, selector: ({ week }) => week },
  );

  it('never bends more than the block as it is, and keeps every pin', () => {
    fc.assert(
      fc.property(pinned, (drawn) => {
        const pins = drawn.map(({ week, volume }) => ({ week, volume: volume * 1000 }));
        const block = laid({ pins });
        const { amounts, bends, asItIs, command } = nearestBlock(block, solve);
        expect(totalCost(bends)).toBeLessThanOrEqual(totalCost(asItIs) + 1e-6);
        for (const { week, volume } of pins) expect(amounts.volumes[week - 1]).toBe(volume);
        if (!command) return;
        const taken = layOut(applyChange(block.spec, command.change));
        taken.weeks.forEach(({ volume }, index) => {
          if (amounts.volumes[index] !== block.weeks[index]?.volume)
            expect(volume).toBeCloseTo(amounts.volumes[index] ?? 0, 3);
        });
      }),
      { numRuns: 40, seed: 20270418 },
    );
  });
});
