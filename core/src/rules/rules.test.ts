import { describe, expect, it } from 'vitest';
import { blockLength, defaultHouseRules } from './house-rules.js';
import { layoutStep } from './layout-step.js';
import { raceClass } from './race-class.js';

describe('race classes', () => {
  it.each([
    [800, 'middle distance'],
    [3000, 'middle distance'],
    [3001, '5 km'],
    [5000, '5 km'],
    [10_000, '10 km'],
    [15_000, '10 km'],
    [21_097.5, 'half marathon'],
    [42_195, 'marathon'],
    [100_000, 'marathon'],
  ])('%d m is of the class %s', (distance, name) => {
    expect(raceClass(distance).name).toBe(name);
  });

  it('refuses what is no distance', () => {
    expect(() => raceClass(NaN)).toThrow(/expected metres, received NaN/);
  });

  it('lays out usual lengths that lie within their own limits and the product’s', () => {
    for (const distance of [1500, 5000, 10_000, 21_097, 42_195]) {
      const { blockWeeks, taperDays, leastPeakVolume, usualPeakVolume } = raceClass(distance);
      expect(blockWeeks.least).toBeLessThanOrEqual(blockWeeks.usual);
      expect(blockWeeks.usual).toBeLessThanOrEqual(blockWeeks.most);
      expect(blockWeeks.most).toBeLessThanOrEqual(blockLength.most);
      expect(taperDays.least).toBeLessThan(taperDays.most);
      expect(leastPeakVolume).toBeLessThan(usualPeakVolume);
    }
  });
});

describe('house rules', () => {
  it('cannot be changed by accident', () => {
    expect(() => {
      (defaultHouseRules as { layoutStep: unknown }).layoutStep = 7;
    }).toThrow(TypeError);
  });

  it('lay out in whole kilometres, miles or five minutes', () => {
    expect(layoutStep({ basis: 'distance', unit: 'km' }, defaultHouseRules)).toBe(1000);
    expect(layoutStep({ basis: 'distance', unit: 'mi' }, defaultHouseRules)).toBe(1609.344);
    expect(layoutStep({ basis: 'time', unit: 'mi' }, defaultHouseRules)).toBe(300);
  });
});
