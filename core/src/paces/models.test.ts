import { describe, expect, it } from 'vitest';
import { type PaceModelName, paceModelNames } from '../spec/choices/index.js';
import { defaultHouseRules } from '../rules/index.js';
import { resolveSpec } from '../layout/index.js';
import { marathon } from '../testing/examples.js';
import { consistent, type Effort, effortsOn, leading } from './efforts.js';
import { equivalentsOn } from './equivalents.js';
import { fitnessOn } from './fitness.js';
import { leastSquares } from './least-squares.js';
import type { PaceFit } from './model.js';
import { paceModels } from './models.js';
import { powerLawFit } from './power-law.js';
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
    expect(of([effort(3000, 500), effort(1500, 300)], rules)).toMatch(/too fast for the shorter/);
    // One distance in three times: the line is level, and would hold no speed at all.
    const level = [effort(800, 173), effort(800, 262), effort(800, 241)];
    expect(of(level, rules)).toMatch(/too slow for the shorter/);
    // 200 m more take 300 s: 0.67 m/s, under half of 1400 ÷ 600 = 2.33 m/s.
    expect(of([effort(1400, 600), effort(1200, 300)], rules)).toMatch(/too slow for the shorter/);
    // 400 m more take 300 s: 1.33 m/s, over half of 1600 ÷ 600 = 2.67 m/s by a hair is not under it.
    expect(of([effort(1600, 600), effort(1200, 300)], rules)).toMatchObject({
      words: 'critical speed 1.33 m/s, 800 m beyond it',
    });
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

describe('the effort that leads', () => {
  const on = (date: string, distance: number, time: number, weight = 1) => ({
    date,
    distance,
    time,
    weight,
  });
  const ten = on('2026-11-08', 10_000, 2430);
  const five = on('2026-10-11', 5000, 1160, 0.8);

  it('is the one nearest in distance, an older one only where it is nearer by far', () => {
    expect(leading([ten, five], 15_000)).toBe(ten);
    expect(leading([ten, five], 3000)).toBe(five);
    // Halfway in logs both are as near; the older counts less.
    expect(leading([ten, five], Math.sqrt(10_000 * 5000))).toBe(ten);
  });

  it('is none that contradicts a newer one: 10 km in 40:30 leave no half in 1:15', () => {
    // 2430 × 2.10975^1.06 = 5361: 1:29:21.
    expect(consistent([ten, on('2026-09-01', 21_097.5, 4500)])).toEqual([ten]);
    expect(consistent([ten, on('2026-09-01', 21_097.5, 5400)])).toHaveLength(2);
  });

  it('has to lie within the range of the model as what is asked does: 400 m predict no marathon', () => {
    const sprint = powerLawFit([on('2026-11-08', 400, 50)]);
    expect(sprint.holds(42_195, sprint.timeFor(42_195))).toBe(false);
    const known = powerLawFit([ten]);
    expect(known.holds(42_195, known.timeFor(42_195))).toBe(true);
  });

  it('is the longest beyond twenty minutes, where a speed is not held for ever', () => {
    const efforts = [on('2026-11-08', 3000, 580), on('2026-11-08', 1500, 270)];
    const fit = paceModels['critical-speed'].fit(efforts, rules);
    if (typeof fit === 'string') throw new Error(fit);
    // 1500 m more in 310 s: 4.84 m/s; a marathon at it would be 2:24.
    expect(fit.timeFor(42_195)).toBeCloseTo(580 * (42_195 / 3000) ** 1.06, 6);
    expect(fit.timeFor(3000)).toBeCloseTo(580, 6);
  });

  it('of a ladder is obeyed to the second: no care for little running is added', () => {
    const little = { ...marathon.athlete, paceModel: 'ladder' as const };
    const volume = { ...marathon.volume, start: 30_000, peak: 40_000 };
    const spec = resolveSpec({ ...marathon, athlete: little, volume });
    const fitness = fitnessOn(spec, rules, spec.start);
    // 243 s/km over 10 km, 12 s more to the half, 13 to the marathon.
    expect(fitness?.timeFor(42_195)).toBeCloseTo(268 * 42.195, 6);
    expect(fitness?.caution).toBeDefined();
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
    // 1160 × 2^1.06 are 2418.5: the 10 km contradicts nothing, and each leads at its own distance.
    expect(power?.residuals).toEqual([0, 0]);
    expect(own?.residuals.every((seconds) => Math.abs(seconds ?? NaN) < 1)).toBe(true);
    expect(critical?.lacking).toBeDefined();
  });
});
