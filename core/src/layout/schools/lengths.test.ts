import { describe, expect, it } from 'vitest';
import { defaultHouseRules, raceClassNames, raceRules } from '../../rules/index.js';
import { lengthSchoolNames, lengthSchools } from './lengths.js';

const weeks = (distance: number) =>
  lengthSchoolNames.map((name) =>
    lengthSchools[name].weeks(raceRules(defaultHouseRules, distance)),
  );

describe('schools of block length', () => {
  it.each([
    [1500, [9, 12, 16]],
    [5000, [9, 12, 16]],
    [10_000, [9, 12, 16]],
    [21_097.5, [11, 14, 18]],
    // Short and sharp 12–14, standard 16–18, a long build of 20.
    [42_195, [13, 16, 20]],
  ])('%d m: short, standard and long', (distance, expected) => {
    expect(weeks(distance)).toEqual(expected);
  });

  it.each(raceClassNames)('stay within the limits of the %s', (name) => {
    const race = defaultHouseRules.races[name];
    for (const school of lengthSchoolNames) {
      const length = lengthSchools[school].weeks(race);
      expect(length).toBeGreaterThanOrEqual(race.weeks.least);
      expect(length).toBeLessThanOrEqual(race.weeks.most);
    }
  });

  it('are never longer than usual when they are short', () => {
    const race = { ...defaultHouseRules.races.marathon, weeks: { least: 16, usual: 16, most: 16 } };
    expect(lengthSchools['short-and-sharp'].weeks(race)).toBe(16);
  });
});
