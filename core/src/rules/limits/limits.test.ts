import { describe, expect, it } from 'vitest';
import { defaultHouseRules } from '../house-rules.js';
import {
  growthLimit,
  leastLongRun,
  longRunGrowthLimit,
  longRunShareLimit,
  longRunTimeLimit,
  perMetreOf,
  recoveryLimit,
  returnLimit,
} from './limits.js';

describe('limits of a week, by hand', () => {
  it('growth: 10% over 60 km is 66 km', () => {
    expect(growthLimit(60_000, 0.1)).toBeCloseTo(66_000, 6);
  });

  it('recovery: a quarter off 80 km leaves 60 km', () => {
    expect(recoveryLimit(80_000, 0.25)).toBe(60_000);
  });

  it('return: 70% above 50 km is 85 km', () => {
    expect(returnLimit(50_000, defaultHouseRules)).toBeCloseTo(85_000, 6);
  });
});

describe('the least long run, by hand', () => {
  it('holds 50 km on five days: 50 ÷ 4.4 is 12, and four of 10 km beside it are short of it by none', () => {
    // 0.85 × 12 = 10.2, so 10: 12 + 4 × 10 = 52.
    expect(leastLongRun(50_000, 5, 1000, defaultHouseRules)).toBe(12_000);
    // 60 ÷ 4.4 = 13.6, so 14, and 11 each beside it: 58. 15 and 12 each: 63.
    expect(leastLongRun(60_000, 5, 1000, defaultHouseRules)).toBe(15_000);
    expect(leastLongRun(60_000, 1, 1000, defaultHouseRules)).toBe(60_000);
  });

  it('holds 17 miles on three days beside 7, though they are kept as 27,359 m: 7 + 2 × 5', () => {
    expect(leastLongRun(27_359, 3, 1609.344, defaultHouseRules)).toBeCloseTo(7 * 1609.344, 6);
    // A mile more is not held: 0.85 × 7 is 5.95, which is 5 whole ones.
    expect(leastLongRun(28_968, 3, 1609.344, defaultHouseRules)).toBeCloseTo(8 * 1609.344, 6);
  });

  it('is none in a week of none', () => {
    expect(leastLongRun(0, 3, 1000, defaultHouseRules)).toBe(0);
  });

  it('comes to an end for any amount: steps are lost in a number that large', () => {
    expect(leastLongRun(1e35, 5, 300, defaultHouseRules)).toBeGreaterThan(1e34);
  });
});

const km = { unit: 'km', perMetre: 1 } as const;

describe('limits of a long run, by hand', () => {
  it.each([
    ['five days toward a half', 5, 21_097.5, 60_000, 0.3],
    ['a light week', 5, 21_097.5, 44_900, 0.35],
    ['just not a light week', 5, 21_097.5, 45_000, 0.3],
    ['four days', 4, 21_097.5, 60_000, 0.35],
    ['three days and a light week', 3, 21_097.5, 40_000, 0.45],
    ['toward a marathon', 6, 42_195, 90_000, 0.35],
    // Two runs: the other is 0.85 of it, so it takes 1/1.85.
    ['never so little that the other comes too near it', 2, 42_195, 30_000, 1 / 1.85],
    ['never more than half', 3, 42_195, 30_000, 0.5],
  ])('share: %s', (_, runDays, raced, volume, share) => {
    const week = { runDays, raced, volume, perMetre: 1 };
    expect(longRunShareLimit(week, defaultHouseRules)).toBeCloseTo(share, 9);
  });

  it('time: three hours at 5:35 /km are 32.2 km', () => {
    expect(longRunTimeLimit('distance', defaultHouseRules, 335)).toBeCloseTo(32_238.8, 1);
  });

  it('growth: 3 km more up to 30 km, a tenth more after', () => {
    expect(longRunGrowthLimit(20_000, defaultHouseRules, km)).toBe(23_000);
    expect(longRunGrowthLimit(30_000, defaultHouseRules, km)).toBeCloseTo(33_000, 6);
    expect(longRunGrowthLimit(35_000, defaultHouseRules, km)).toBeCloseTo(38_500, 6);
    // Ten miles and two, not one and 0.86.
    const miles = { unit: 'mi', perMetre: 1 } as const;
    expect(longRunGrowthLimit(16_093.44, defaultHouseRules, miles)).toBeCloseTo(19_312.128, 6);
  });

  it('counts the same limits in seconds where the block counts time', () => {
    expect(longRunTimeLimit('time', defaultHouseRules, 360)).toBe(10_800);
    // 3 km at 6:00 /km are 18 minutes.
    const perMetre = perMetreOf('time', 360);
    expect(longRunGrowthLimit(3600, defaultHouseRules, { unit: 'km', perMetre })).toBeCloseTo(
      3600 + 1080,
      6,
    );
    // A light week is under 45 km: 4 h 30 at 6:00 /km.
    const week = { runDays: 5, raced: 21_097.5, perMetre };
    expect(longRunShareLimit({ ...week, volume: 16_199 }, defaultHouseRules)).toBeCloseTo(0.35, 9);
    expect(longRunShareLimit({ ...week, volume: 16_200 }, defaultHouseRules)).toBeCloseTo(0.3, 9);
  });
});
