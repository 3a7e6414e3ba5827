import { describe, expect, it } from 'vitest';
import { layOut, rulesThatAllow } from '../../index.js';
import { runChecks } from '../../checks/index.js';
import { rulesOf } from '../../rules/index.js';
import { marathon } from '../../testing/examples.js';
import { applyChange } from '../index.js';
import type { BlockSpec } from '../../spec/index.js';

/** Volumes of a coach's own: 55, 63, 72 and 83 km are 15% more each week. */
const steep: BlockSpec = {
  ...marathon,
  pins: [55, 63, 72, 83].map((volume, index) => ({ week: index + 1, volume: volume * 1000 })),
};

describe('rules that a block departs from', () => {
  it('are found with the figure that would allow it, tried on the block as it stands', () => {
    const block = layOut(steep);
    const found = block.findings.find(({ check }) => check === 'growth-over-cap');
    // 83 after 72 km is 15.3%: as a figure that a coach would set, 16%.
    expect(found?.value).toBeCloseTo(83 / 72 - 1, 3);
    const { allowing } = rulesThatAllow(block);
    const growth = allowing.find(({ rule }) => rule.path === 'volume.growthCap');
    expect(growth).toMatchObject({ from: 0.1, to: 0.16, checks: ['growth-over-cap'] });
  });

  it('are a cap of one week, where a rise stands for several and may be twice that', () => {
    const growth = { school: 'step-and-hold', step: 14_000 } as const;
    const block = layOut({ ...marathon, volume: { start: 55_000, peak: 83_000, growth } });
    // 14 over 55 km are 25.5%, twice 13%.
    const { allowing } = rulesThatAllow(block);
    expect(allowing.find(({ rule }) => rule.path === 'volume.growthCap')).toMatchObject({
      to: 0.13,
      checks: ['growth-over-cap'],
    });
  });

  it('let the findings go once they are set', () => {
    const block = layOut(steep);
    const { allowing, change, left } = rulesThatAllow(block);
    const allowed = new Set(allowing.flatMap(({ checks }) => checks));
    const after = layOut(applyChange(block.spec, change));
    expect(after.findings.filter(({ check }) => allowed.has(check))).toEqual([]);
    expect(allowed.size + left.length).toBe(block.findings.length);
  });

  it('let go what they allow together, and bring nothing new', () => {
    for (const pins of [
      steep.pins,
      [
        { week: 6, volume: 30_000 },
        { week: 7, volume: 90_000 },
      ],
    ]) {
      const block = layOut({ ...steep, pins });
      const { allowing, change } = rulesThatAllow(block);
      const allowed = new Set(allowing.flatMap(({ checks }) => checks));
      const rules = rulesOf(applyChange(block.spec, change));
      const spec = applyChange(block.spec, change);
      const after = runChecks({ block: { ...block, spec }, rules }).map(({ check }) => check);
      expect(after.filter((check) => allowed.has(check))).toEqual([]);
      const before = block.findings.map(({ check }) => check);
      expect(before).toEqual(expect.arrayContaining(after));
    }
  });

  it('never let go what could hurt, nor what guards the young', () => {
    const young = layOut({ ...steep, athlete: { ...steep.athlete, birthYear: 2012 } });
    const { allowing, left } = rulesThatAllow(young);
    expect(allowing.filter(({ rule }) => rule.group === 'care')).toEqual([]);
    const stops = young.findings.filter(({ level }) => level === 'stop');
    expect(stops.length).toBeGreaterThan(0);
    expect(left).toEqual(expect.arrayContaining(stops));
  });
});
