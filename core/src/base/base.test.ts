import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatAmount,
  formatDuration,
  formatPace,
  formatPercent,
  formatFinePercent,
  formatRace,
  formatRaceDistance,
  parseAmount,
  readAmount,
  readAmounts,
} from './format/index.js';
import { canonicalJson, equalAsJson } from './canonical.js';
import { apportion, sum } from './apportion.js';
import { type Measure, METRES_PER_MILE, quantum, shownUnit } from './measure.js';
import { ceilTo, floorTo, roundTo } from './round.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const halfMiles: Measure = { basis: 'distance', unit: 'mi', step: 0.5 };
const minutes: Measure = { basis: 'time', unit: 'km', step: 1 };

describe('measures', () => {
  it('counts a mile as 1609.344 m exactly', () => {
    expect(METRES_PER_MILE).toBe(1609.344);
    expect(quantum(halfMiles)).toBeCloseTo(804.672, 9);
    expect(shownUnit(minutes)).toBe(60);
  });
});

describe('rounding', () => {
  it('is not fooled by floating point: 37.5 mi is 75 half-miles', () => {
    expect(floorTo(37.5 * METRES_PER_MILE, quantum(halfMiles))).toBeCloseTo(60350.4, 6);
    expect(ceilTo(37.5 * METRES_PER_MILE, quantum(halfMiles))).toBeCloseTo(60350.4, 6);
  });

  it('rounds halves up and never gives minus zero', () => {
    expect(roundTo(500, 1000)).toBe(1000);
    expect(Object.is(roundTo(-100, 1000), 0)).toBe(true);
  });
});

describe('apportion', () => {
  it('gives nothing for nothing', () => {
    expect(apportion([], 1000)).toEqual([]);
  });

  it('hand-worked: 3.4 + 3.4 + 3.2 km are 10 km, shown 4 + 3 + 3', () => {
    expect(apportion([3400, 3400, 3200], 1000)).toEqual([4, 3, 3]);
  });

  it('leaves whole steps alone', () => {
    expect(apportion([60350.4, 1000, 900], 804.672)).toEqual([75, 1, 1]);
  });

  it('always adds up, each within one step of its amount', () => {
    const amounts = fc.array(fc.integer({ min: 0, max: 100_000 }), { maxLength: 40 });
    fc.assert(
      fc.property(amounts, fc.constantFrom(1000, 500, 100, 60, METRES_PER_MILE), (parts, step) => {
        const steps = apportion(parts, step);
        expect(sum(steps)).toBe(Math.floor(sum(parts) / step + 0.5 + 1e-7));
        parts.forEach((part, index) => {
          expect(Math.abs((steps[index] ?? NaN) - part / step)).toBeLessThanOrEqual(1 + 1e-6);
        });
      }),
    );
  });
});

describe('formatting', () => {
  it('shows amounts in their step', () => {
    expect(formatAmount(9000, km)).toBe('9');
    expect(formatAmount(60350.4, halfMiles)).toBe('37.5');
    expect(formatAmount(5400, minutes)).toBe('90');
  });

  it('shows race distances, times, paces and shares', () => {
    expect(formatRaceDistance(42195, 'km')).toBe('42.2 km');
    expect(formatRaceDistance(5000, 'km')).toBe('5 km');
    expect(formatRaceDistance(1500, 'mi')).toBe('1500 m');
    expect(formatRaceDistance(1609, 'km')).toBe('1 mile');
    expect(formatRace(5000, 'mi')).toBe('5 km');
    expect(formatRace(21_097, 'km')).toBe('half marathon');
    expect(formatRace(12_000, 'mi')).toBe('7.5 mi');
    expect(formatDuration(11700)).toBe('3:15:00');
    expect(formatDuration(222)).toBe('3:42');
    expect(formatPace(335, 'km')).toBe('5:35 /km');
    expect(formatPace(335, 'mi')).toBe('8:59 /mi');
    expect(formatPercent(-0.001)).toBe('0%');
    expect([0.125, 0.2, 0.0996, -0.0001].map(formatFinePercent)).toEqual([
      '12.5%',
      '20%',
      '10%',
      '0%',
    ]);
  });
});

describe('parsing what is typed', () => {
  it.each([
    ['12,5', km, 12500],
    ['12.5', km, 12500],
    [' 60 ', halfMiles, 96560.64],
    ['1:30', minutes, 5400],
    ['90', minutes, 5400],
    ['1:30', km, undefined],
    ['sixty', km, undefined],
    ['-5', km, undefined],
    ['9'.repeat(40), km, undefined],
    ['1e5', km, undefined],
    ['', km, undefined],
  ])('%s → %s', (text, measure, amount) => {
    expect(parseAmount(text, measure)).toBe(amount);
  });
});

describe('reading an amount typed into a field', () => {
  it.each([
    ['16', km, 16_000],
    ['16 km', km, 16_000],
    ['16,5K', km, 16_500],
    ['10 miles', halfMiles, 16_093.44],
    ['10 miles', km, undefined],
    ['90 min', minutes, 5400],
    ['4h30', minutes, 16_200],
    ['4 h 30 min', minutes, 16_200],
    ['1.5 h', minutes, 5400],
    ['16 km easy', km, undefined],
  ])('%s → %s', (text, measure, amount) => {
    expect(readAmount(text, measure)).toBe(amount);
  });

  it.each([
    ['38 41 40 45', km, [38, 41, 40, 45]],
    ['38, 41, 40 and 45 km', km, [38, 41, 40, 45]],
    ['38,41,40,45', km, [38, 41, 40, 45]],
    ['38,5 41,25 40', km, [38.5, 41, 25, 40]],
    ['38 / 41; 40km', km, [38, 41, 40]],
    ['', km, []],
  ])('%s in a row → %s', (text, measure, amounts) => {
    expect(readAmounts(text, measure)).toEqual(amounts.map((amount) => amount * 1000));
  });

  it('takes hours in a row where minutes are counted, and refuses what is no amount', () => {
    expect(readAmounts('4h 3h30, 4:15 240 min', minutes)).toEqual([14_400, 12_600, 15_300, 14_400]);
    expect(readAmounts('1:30,2:00', minutes)).toEqual([5400, 7200]);
    expect(readAmounts('38 about 40', km)).toBeUndefined();
  });
});

describe('what is the same as JSON', () => {
  it.each([
    [{ a: 1, b: undefined }, { a: 1 }],
    [{ a: { c: 2, b: [1, 2] } }, { a: { b: [1, 2], c: 2 } }],
    [{ a: 1 }, { a: 1, b: undefined }],
  ])('%j and %j', (one, other) => {
    expect(equalAsJson(one, other)).toBe(true);
    expect(canonicalJson(one)).toBe(canonicalJson(other));
  });

  it.each([
    [{ a: 1 }, { a: 1, b: 2 }],
    [{ a: 1, b: 2 }, { a: 1 }],
    [
      [1, 2],
      [2, 1],
    ],
    [[], {}],
    [{ a: null }, {}],
    [1, '1'],
  ])('tells %j from %j', (one, other) => {
    expect(equalAsJson(one, other)).toBe(false);
  });
});
