import { describe, expect, it } from 'vitest';
import { fixesOf, layOut } from '../../lay-out.js';
import { defaultHouseRules } from '../../rules/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import type { Week } from '../block/week.js';
import { resolveSpec } from '../resolve/resolve.js';
import { longRunFeasibility } from './long-run-feasibility.js';

const asked = (start: number, peak: number, part: Partial<BlockSpec> = {}): BlockSpec => ({
  ...marathon,
  ...part,
  longRun: { ...marathon.longRun, start, peak, ladder: 'straight' },
});
const weeks = (rungs: number) =>
  Array.from({ length: rungs }, (_, index) => ({
    kind: 'building',
    running: 1,
    toGo: 3 + rungs - index,
  })) as Week[];
const held = (given: BlockSpec) => {
  const block = layOut(given);
  const finding = block.findings.find(({ check }) => check === 'long-run-held-down');
  const labels = finding ? fixesOf(block, finding).map(({ label }) => label) : [];
  return { message: finding?.message ?? '', labels, block };
};

describe('whether a long run can be reached', () => {
  it('hand-worked: 16 km growing four times by 3 km are 28; 30 take 4 km a time', () => {
    const laid = { spec: resolveSpec(asked(16_000, 30_000)), weeks: weeks(5), easyPace: 335 };
    expect(longRunFeasibility(laid, defaultHouseRules)).toMatchObject({
      byGrowth: true,
      neededRise: 4000,
      // 30 km at 335 s/km are 10 050 s, under three hours.
      byTime: false,
      neededTime: 10_050,
    });
    const longer = { ...laid, weeks: weeks(6) };
    expect(longRunFeasibility(longer, defaultHouseRules).byGrowth).toBe(false);
  });

  it('says what is reached, the weeks or the rise that are needed, and each is enough', () => {
    const { message, labels, block } = held(asked(8000, 28_000, { weeks: 11 }));
    expect(message).toMatch(
      /^The longest is \d+ km, not 28 km\. How far it may grow .* Ways out: settle for \d+ km, or add \d+ weeks?, or let it grow by [\d.]+ km each time\.$/,
    );
    expect(labels.some((label) => label.startsWith('Ask for'))).toBe(true);
    expect(labels.some((label) => /^Start .* earlier$/.test(label))).toBe(true);
    expect(
      labels.some((label) => /^Let the long run grow by [\d.]+ km each time$/.test(label)),
    ).toBe(true);
    // No plateau: every rung that is not the last is longer than the one before.
    const rungs = block.weeks.filter(({ longRunRule }) =>
      ['start', 'rung', 'growth-cap', 'peak'].includes(longRunRule),
    );
    rungs.slice(1).forEach(({ longRun }, index) => {
      expect(longRun).toBeGreaterThan(rungs[index]?.longRun ?? 0);
    });
  });

  it('says the week that is needed where its share holds it too', () => {
    // The heaviest is 80 km: 35% are 28; 32 km want 91.4.
    const { message } = held(asked(8000, 32_000, { weeks: 11 }));
    expect(message).toContain('next and its share of the week hold it there');
    expect(message).toContain('or build to 92 km a week.');
    expect(message).not.toContain('add ');
  });

  it('leads the ladder to what time on the feet allows, evenly', () => {
    // Three hours at 335 s/km are 32.2 km.
    const { message, block } = held(asked(16_000, 40_000));
    expect(message).toContain('3 h on the feet holds it there');
    expect(message).toContain('allow 3 h 43 min');
    const runs = block.weeks.filter(({ kind }) => kind === 'building').map((week) => week.longRun);
    expect(Math.max(...runs)).toBe(32_000);
    expect(runs.filter((longRun) => longRun > 31_000)).toHaveLength(1);
  });
});

describe('a long run over its share', () => {
  it('comes with the three ways out, worked out', () => {
    // Week 2 of 58 km with a long run of 25: 43.1%, and 35% are allowed before a marathon.
    const block = layOut({ ...marathon, pins: [{ week: 2, longRun: 25_000 }] });
    const found = block.findings.find(({ check }) => check === 'long-run-over-share');
    // 35% of 58 km are 20.3; 25 km are 35% of 71.4; 25 of 58 is 43.1%.
    expect(found?.message).toContain(
      'Ways out: a long run of 20 km, a week of 72 km, or a share of 44%.',
    );
    const labels = found ? fixesOf(block, found).map(({ label }) => label) : [];
    expect(labels).toContain('Allow 44% of the week');
    expect(labels).toContain('Fix week 2’s long run at 20 km');
  });
});
