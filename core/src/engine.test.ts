import { describe, expect, it } from 'vitest';
import { addDays } from './base/index.js';
import { layOut } from './index.js';
import { weekThen } from './layout/index.js';
import { defaultPaces } from './paces/index.js';
import { daysMoved } from './present/compare/index.js';
import { defaultHouseRules, inForce, isLaidAsThen, newestEngine } from './rules/index.js';
import { suggestUses } from './sessions/library/index.js';
import { marathon } from './testing/examples.js';
import { withDefaults } from './testing/with-defaults.js';

const FROM = '1970-01-01';
const old = { ...marathon, engine: newestEngine };
const before = layOut(old);
const { volume, longRun } = defaultHouseRules;
const slower = defaultPaces.map((pace) =>
  pace.id === 'easy' ? { ...pace, offset: [90, 120] as [number, number] } : pace,
);
const uses = suggestUses(10_000).map((use) => ({ ...use, family: suggestUses(800)[0]!.family }));

describe('a default that is changed', () => {
  it.each([
    ['a house rule', { rules: { ...defaultHouseRules, volume: { ...volume, growthCap: 0.05 } } }],
    [
      'the longest long run',
      { rules: { ...defaultHouseRules, longRun: { ...longRun, mostTime: 5400 } } },
    ],
    ['the pace table', { paces: slower }],
    ['the starting families', { uses: [{ upTo: Infinity, uses }] }],
  ])('moves no block that names the defaults before it: %s', (_, changed) => {
    withDefaults(changed, () => {
      const spec = { ...old, volume: undefined, longRun: undefined };
      const then = layOut(spec);
      expect(JSON.stringify(layOut(old))).toBe(JSON.stringify(before));
      // The next set does move a block that takes it: the change is a real one.
      expect(
        daysMoved(then, layOut({ ...spec, engine: newestEngine + 1 }), FROM).length,
      ).toBeGreaterThan(5);
    });
  });

  it('stays in force until the next number that changes it', () => {
    const since = { 1: 'first', 3: 'third' };
    expect([1, 2, 3, 4].map((number) => inForce(since, number))).toEqual([
      'first',
      'first',
      'third',
      'third',
    ]);
  });
});

describe('a layout that deals otherwise', () => {
  it('lays out no block of a number before it', () => {
    expect([1, 2, 3].map((number) => isLaidAsThen(number, [1]))).toEqual([true, true, true]);
    expect([1, 2, 3].map((number) => isLaidAsThen(number, [1, 3]))).toEqual([false, false, true]);
    expect(isLaidAsThen(newestEngine)).toBe(true);
  });

  it('shows such a block as it is stored, the days to come too', () => {
    const stored = before.weeks.flatMap((week) =>
      week.days.map((day) => ({
        day: { ...day, distance: day.distance + 1 },
        week: weekThen(week),
      })),
    );
    const today = addDays(before.spec.start, 30);
    const shown = layOut({ ...old, engine: newestEngine - 1 }, { asOf: today, history: stored });
    const days = shown.weeks.flatMap(({ days: each }) => each);
    expect(days).toEqual(stored.map(({ day }) => day));
    // Laid out as ever, days to come are computed.
    expect(daysMoved(shown, layOut(old, { asOf: today, history: stored }), FROM)[0]).toBe(today);
  });
});

it('says on which days two blocks differ', () => {
  expect(daysMoved(before, before, FROM)).toEqual([]);
  const other = layOut({ ...old, pins: [{ week: 17, volume: 40_000 }] });
  const moved = daysMoved(before, other, FROM);
  const week17 = before.weeks[16]!.days.map(({ date }) => date);
  expect(moved.filter((date) => week17.includes(date)).length).toBeGreaterThan(3);
  expect(daysMoved(before, other, addDays(before.spec.race.date, 1))).toEqual([]);
});
