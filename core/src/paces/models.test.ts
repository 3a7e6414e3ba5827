import { describe, expect, it } from 'vitest';
import { type PaceModelName, paceModelNames } from '../spec/choices/index.js';
import { defaultHouseRules } from '../rules/index.js';
import { resolveSpec } from '../layout/index.js';
import { marathon } from '../testing/examples.js';
import { type Effort, effortsOn } from './efforts.js';
import { equivalentsOn } from './equivalents.js';
import { leastSquares } from './least-squares.js';
import type { PaceFit } from './model.js';
import { paceModels } from './models.js';
import { predictTime } from './riegel.js';

const rules = defaultHouseRules;
const effort = (distance: number, time: number, weight = 1): Effort => ({
  date: '2026-11-08',
  distance,
  time,
  weight,
});
const fit = (model: PaceModelName, ...efforts: Effort[]): PaceFit => {
  const found = paceModels[model].fit(efforts, rules);
  if (typeof found === 'string') throw new Error(found);
  return found;
};

describe('least squares', () => {
  it('hand-worked: (0, 1), (2, 5), (4, 6) give slope 1.25 and intercept 1.5', () => {
    // Means 2 and 4; Σ(x−2)(y−4) = 6 + 0 + 4 = 10, Σ(x−2)² = 8.
    const line = leastSquares([
      { x: 0, y: 1, weight: 1 },
      { x: 2, y: 5, weight: 1 },
      { x: 4, y: 6, weight: 1 },
    ]);
    expect(line?.slope).toBeCloseTo(1.25, 12);
    expect(line?.intercept).toBeCloseTo(1.5, 12);
  });

  it('has no line through one point, or through two above one another', () => {
    expect(leastSquares([])).toBeUndefined();
    expect(leastSquares([{ x: 1, y: 1, weight: 1 }])).toBeUndefined();
    const upright = [1, 2].map((y) => ({ x: Math.log(10_000), y, weight: 1 }));
    expect(leastSquares(upright)).toBeUndefined();
  });
});

describe('efforts', () => {
  const results = [
    { date: '2026-03-01', distance: 5000, time: 1200 },
    { date: '2026-11-08', distance: 10_000, time: 2430 },
    { date: '2026-12-06', distance: 3000, time: 660, full: false },
  ];

  it('are none without results', () => {
    expect(effortsOn([], '2026-12-14', 12)).toEqual([]);
  });

  it('count half when they are as old as the weeks to stale, and are forgotten at twice that', () => {
    const found = effortsOn(results, '2027-01-31', 12);
    expect(found.map(({ distance }) => distance)).toEqual([10_000]);
    expect(found[0]?.weight).toBeCloseTo(0.5, 12);
  });

  it('of one day put the longest first: it says most of longer races', () => {
    const day = [1500, 800, 3000].map((distance) => ({
      date: '2026-11-08',
      distance,
      time: distance / 5,
    }));
    const found = effortsOn(day, '2026-12-14', 12);
    expect(found.map(({ distance }) => distance)).toEqual([3000, 1500, 800]);
  });

  it('fall back on the newest of the old, or on the first that came later', () => {
    expect(effortsOn(results, '2026-11-01', 8).map(({ distance }) => distance)).toEqual([5000]);
    expect(effortsOn(results, '2025-01-01', 12).map(({ distance }) => distance)).toEqual([5000]);
  });
});

describe('the power law', () => {
  it('hand-worked: 40:30 for 10 km is 3:06:20 for a marathon', () => {
    // 4.2195^1.06 = 4.600; 2430 s × 4.600 = 11 178 s.
    expect(predictTime(effort(10_000, 2430), 42_195)).toBeCloseTo(2430 * 4.2195 ** 1.06, 6);
    expect(Math.round(predictTime(effort(10_000, 2430), 42_195) / 60)).toBe(186);
  });

  it('doubles a distance at 2^1.06 = 2.085 times the time, the ratio Riegel’s rule is known for', () => {
    const { timeFor } = fit('power-law', effort(5000, 1200));
    expect(timeFor(10_000) / 1200).toBeCloseTo(2.085, 3);
  });

  it('holds from 3.5 minutes to 4 hours', () => {
    const { holds } = fit('power-law', effort(5000, 1200));
    expect([209, 210, 14_400, 14_401].map((time) => holds(0, time))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('the own power law', () => {
  it('finds the exponent of two results: 20:00 and 41:42 double at 2.085, k = 1.06', () => {
    const { timeFor, words } = fit('personal-power-law', effort(10_000, 2502), effort(5000, 1200));
    expect(words).toContain('exponent 1.060');
    expect(timeFor(5000)).toBeCloseTo(1200, 6);
    expect(timeFor(10_000)).toBeCloseTo(2502, 6);
  });

  it('keeps the exponent within 1.01 and 1.20, through the middle of the results', () => {
    const { timeFor, words } = fit('personal-power-law', effort(10_000, 3000), effort(5000, 1200));
    // log2(2.5) = 1.322.
    expect(words).toContain('exponent 1.200, held from 1.322');
    expect(timeFor(10_000) / timeFor(5000)).toBeCloseTo(2 ** 1.2, 9);
    expect(timeFor(5000) * timeFor(10_000)).toBeCloseTo(3000 * 1200, 3);
  });

  it('asks for two distances', () => {
    const lacking = paceModels['personal-power-law'].fit(
      [effort(5000, 1200), effort(5000, 1190)],
      rules,
    );
    expect(lacking).toBe('Needs recent results over two different distances.');
  });
});

describe('critical speed', () => {
  it('hand-worked: 1200 m in 4:00 and 2400 m in 8:40 are 4.286 m/s and 171 m', () => {
    // 1200 m more take 280 s: 4.2857 m/s; 1200 − 240 × 4.2857 = 171.4 m.
    const { timeFor, words } = fit('critical-speed', effort(2400, 520), effort(1200, 240));
    expect(words).toBe('critical speed 4.29 m/s, 171 m beyond it');
    // (3000 − 171.43) ÷ 4.2857 = 660 s.
    expect(timeFor(3000)).toBeCloseTo(660, 6);
    expect(timeFor(150)).toBeNaN();
  });

  it('counts efforts of 2 to 15 minutes only, and says when they contradict each other', () => {
    const { fit: of } = paceModels['critical-speed'];
    expect(of([effort(10_000, 2430), effort(1500, 240)], rules)).toMatch(/two recent efforts/);
    expect(of([effort(3000, 500), effort(1500, 300)], rules)).toMatch(/contradict/);
  });
});

describe('the ladder', () => {
  it('hand-worked: 5 km at 4:00 /km is 10 km at 4:10 and a half at 4:22', () => {
    const { timeFor } = fit('ladder', effort(5000, 1200));
    expect(timeFor(10_000)).toBeCloseTo(2500, 6);
    expect((timeFor(21_097.5) / 21_097.5) * 1000).toBeCloseTo(262, 6);
    expect((timeFor(3000) / 3000) * 1000).toBeCloseTo(232, 6);
  });

  it('climbs evenly against the log of distance between its rungs', () => {
    const { timeFor, holds } = fit('ladder', effort(5000, 1200));
    const between = Math.sqrt(5000 * 10_000);
    expect((timeFor(between) / between) * 1000).toBeCloseTo(245, 6);
    expect(holds(400, 80)).toBe(false);
    expect(holds(42_195, 11_000)).toBe(true);
  });
});

describe('models side by side', () => {
  it('stand for every distance, with what is left over of each result', () => {
    const spec = resolveSpec({
      ...marathon,
      athlete: {
        ...marathon.athlete,
        results: [
          { date: '2026-11-08', distance: 10_000, time: 2430 },
          { date: '2026-10-11', distance: 5000, time: 1160 },
        ],
      },
    });
    const columns = equivalentsOn(spec, rules, '2026-12-14', [800, 10_000, 42_195]);
    expect(columns.map(({ name }) => name)).toEqual(paceModelNames);
    const [power, own, critical] = columns;
    expect(power?.predictions.map((each) => each?.holds)).toEqual([false, true, true]);
    // 2430 ÷ 2^1.06 = 1165.5: the 5 km was 5.5 s quicker.
    expect(power?.residuals).toEqual([0, expect.closeTo(1160 - 2430 / 2 ** 1.06, 6) as number]);
    expect(own?.residuals.every((seconds) => Math.abs(seconds ?? NaN) < 1)).toBe(true);
    expect(critical?.lacking).toBeDefined();
  });
});
