import { describe, expect, it } from 'vitest';
import { checks } from '../checks/index.js';
import { ruleCatalogue } from './catalogue.js';
import { blockLength, defaultHouseRules, raceRules } from './house-rules.js';
import { layoutStep } from './layout-step.js';
import { raceClass } from './race-class.js';
import { ruleProblem } from './rule.js';
import { ruleValue, rulesOf, withRuleChanges } from './rule-changes.js';

describe('race classes', () => {
  it.each([
    [800, 'middle-distance'],
    [3000, 'middle-distance'],
    [3001, '5-km'],
    [5000, '5-km'],
    [10_000, '10-km'],
    [15_000, '10-km'],
    [21_097.5, 'half-marathon'],
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
      const { weeks, taperDays, peakVolume } = raceRules(defaultHouseRules, distance);
      expect(weeks.least).toBeLessThanOrEqual(weeks.usual);
      expect(weeks.usual).toBeLessThanOrEqual(weeks.most);
      expect(weeks.most).toBeLessThanOrEqual(blockLength.most);
      expect(taperDays.least).toBeLessThan(taperDays.most);
      expect(peakVolume.least).toBeLessThan(peakVolume.usual);
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
    // 1.00002 minutes are 60.0014 s: sessions are written in whole seconds.
    const fine = { ...defaultHouseRules, layoutStep: { distance: 0.123_46, time: 1.000_024 } };
    expect(layoutStep({ basis: 'time', unit: 'km' }, fine)).toBe(60);
    expect(layoutStep({ basis: 'distance', unit: 'km' }, fine)).toBe(123);
  });
});

describe('changes of the house rules', () => {
  it('change one figure, deep or shallow, and leave the rest and the defaults alone', () => {
    const rules = withRuleChanges(defaultHouseRules, {
      values: { 'volume.growthCap': 0.08, 'races.marathon.weeks.least': 10 },
    });
    expect(rules.volume.growthCap).toBe(0.08);
    expect(rules.races.marathon.weeks).toEqual({ least: 10, usual: 16, most: 20 });
    expect(rules.longRun).toBe(defaultHouseRules.longRun);
    expect(defaultHouseRules.volume.growthCap).toBe(0.1);
  });

  it('lay a block’s own over the house’s', () => {
    const rules = rulesOf({
      houseRules: { values: { 'volume.growthCap': 0.08, 'recovery.depth': 0.3 }, off: ['a'] },
      overrides: { values: { 'volume.growthCap': 0.05 }, off: ['b', 'a'] },
    });
    expect(rules.volume.growthCap).toBe(0.05);
    expect(rules.recovery.depth).toBe(0.3);
    expect(rules.off).toEqual(['a', 'b']);
  });

  it('take no path that names no figure', () => {
    for (const path of ['volume', 'volume.nothing', 'nothing.at.all', '__proto__.x', 'off']) {
      expect(withRuleChanges(defaultHouseRules, { values: { [path]: 1 } })).toEqual(
        defaultHouseRules,
      );
      expect(ruleValue(defaultHouseRules, path)).toBeUndefined();
    }
  });
});

describe('the rule book', () => {
  it('has one entry for each figure there is', () => {
    const { off: _off, ...figures } = defaultHouseRules;
    expect(ruleCatalogue.map(({ path }) => path).sort()).toEqual(paths(figures).sort());
  });

  it.each(ruleCatalogue.map((rule) => [rule.path, rule] as const))(
    '%s: default and usual range may be set',
    (path, rule) => {
      const value = ruleValue(defaultHouseRules, path) ?? NaN;
      expect(ruleProblem(rule, value)).toBeUndefined();
      expect(rule.usual[0]).toBeLessThanOrEqual(rule.usual[1]);
      for (const end of rule.usual) expect(end).toBeLessThanOrEqual(rule.most);
      expect(ruleProblem(rule, rule.most + 1)).toContain(String(rule.most));
      expect(ruleProblem(rule, NaN)).toBeDefined();
    },
  );

  it('names checks that exist', () => {
    const codes = new Set<string>(checks.map(({ code }) => code));
    expect(ruleCatalogue.flatMap((rule) => rule.checks).filter((code) => !codes.has(code))).toEqual(
      [],
    );
  });
});

function paths(tree: object, before = ''): string[] {
  return Object.entries(tree).flatMap(([key, value]) =>
    typeof value === 'number' ? [before + key] : paths(value as object, `${before}${key}.`),
  );
}
