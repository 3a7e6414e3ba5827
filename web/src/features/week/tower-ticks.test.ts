import { expect, it } from 'vitest';
import { towerTop } from '../../drawing/DayTower.js';
import { ticksTo } from './tower-ticks.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;

it('heights across the days are round in the athlete’s unit, and none by time', () => {
  expect(ticksTo(27_000, km).map(({ metres, label }) => [metres, label])).toEqual([
    [10_000, '10'],
    [20_000, '20'],
  ]);
  const miles = ticksTo(27_000, { ...km, unit: 'mi' });
  expect(miles.map(({ label }) => label)).toEqual(['5', '10', '15']);
  expect(miles[1]?.metres).toBeCloseTo(16_093.44);
  expect(ticksTo(27_000, { ...km, basis: 'time' })).toEqual([]);
});

it('a figure stands on its tower, a second run a little higher', () => {
  const run = (distance: number) => ({ from: 0, distance, pieces: [], shorthand: '' });
  expect(towerTop([], 10_000)).toBe(0);
  expect(towerTop([run(5_000)], 10_000)).toBe(0.5);
  expect(towerTop([run(5_000), run(4_000)], 10_000)).toBeCloseTo(0.915);
});
