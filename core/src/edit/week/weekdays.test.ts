import { describe, expect, it } from 'vitest';
import { defaultPaces } from '../../paces/index.js';
import type { FixedWeekday } from '../../spec/days/index.js';
import { ruleWords } from './weekdays.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const words = (rule: Omit<FixedWeekday, 'weekday'>) =>
  ruleWords({ weekday: 'monday', ...rule }, km, defaultPaces);

describe('a fixed weekday in words', () => {
  it.each([
    [{ role: 'cross-train' }, 'cross-training'],
    [{ role: 'cross-train', cross: 'bike' }, 'bike'],
    [{ role: 'cross-train', cross: 'pool', crossTime: 2400 }, '40 min pool running'],
    [{ role: 'cross-train', crossTime: 2400 }, 'cross-training'],
    [{ role: 'rest' }, 'rest'],
    [{ role: 'easy', amount: 9000 }, '9 km easy'],
    [{ amount: 9000 }, '9 km'],
    [{ amount: 14_000, firstRun: 5000 }, '5 km + 9 km'],
    [{ session: '8 km @ one-hour' }, '8 km one-hour'],
    [{ core: 1200 }, '20 min core'],
    [{ strength: true }, 'strength'],
    [{}, ''],
  ] as const)('%j is “%s”', (rule, said) => {
    expect(words(rule)).toBe(said);
  });
});
