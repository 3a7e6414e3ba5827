import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { paceModelNames } from '../spec/choices/index.js';
import { addDays } from '../base/index.js';
import { defaultHouseRules } from '../rules/index.js';
import { resolveSpec } from '../layout/index.js';
import { marathon } from '../testing/examples.js';
import { easyPaces } from './easy-pace.js';
import { equivalentsOn } from './equivalents.js';
import { pacesOn } from './paces-on.js';

const start = '2026-12-14';
const result = fc
  .record({
    daysBefore: fc.integer({ min: -100, max: 200 }),
    distance: fc.constantFrom(800, 1500, 3000, 5000, 10_000, 21_097.5, 42_195),
    pace: fc.integer({ min: 160, max: 420 }),
  })
  .map(({ daysBefore, distance, pace }) => ({
    date: addDays(start, -daysBefore),
    distance,
    time: Math.round((distance * pace) / 1000),
  }));
/** Several over one distance, as a miler has them, are no line to draw a speed from. */
const results = fc
  .tuple(fc.array(result, { minLength: 1, maxLength: 6 }), fc.boolean())
  .map(([all, same]) =>
    same ? all.map((each) => ({ ...each, distance: 800, time: (each.time % 300) + 100 })) : all,
  );
const anyPaces = fc
  .record({
    results,
    paceModel: fc.constantFrom(...paceModelNames),
    aim: fc.constantFrom('current' as const, 'goal' as const, 'walk' as const),
    repaced: fc.option(fc.integer({ min: 1, max: 120 }), { nil: undefined }),
  })
  .map(({ results, paceModel, aim, repaced }) =>
    resolveSpec({
      ...marathon,
      athlete: { ...marathon.athlete, results, paceModel },
      paces: { aim, repaced: repaced === undefined ? [] : [addDays(start, repaced)] },
    }),
  );
const day = fc.integer({ min: 0, max: 125 }).map((days) => addDays(start, days));

describe('paces of any results', () => {
  it('are run by people: easy running is between 2:00 and 25:00 a kilometre by every model', () => {
    fc.assert(
      fc.property(anyPaces, day, (spec, on) => {
        const easy = easyPaces(spec, defaultHouseRules)(on);
        expect(easy).toBeGreaterThan(120);
        expect(easy).toBeLessThan(1500);
      }),
    );
  });

  it('never cross: the quick end of a pace is no slower than its slow end', () => {
    fc.assert(
      fc.property(anyPaces, day, (spec, on) => {
        for (const { used } of pacesOn(spec, defaultHouseRules, on).rows) {
          if (used) expect(used.quick).toBeLessThanOrEqual(used.slow);
        }
      }),
    );
  });

  it('lie between current and goal, whatever is aimed at', () => {
    fc.assert(
      fc.property(anyPaces, day, (spec, on) => {
        for (const { pace, used, current, goal } of pacesOn(spec, defaultHouseRules, on).rows) {
          // A race that lasts an hour is another race on the way between the two.
          if (!used || !current || !goal || 'lasts' in pace.base) continue;
          const [least, most] = [current.quick, goal.quick].sort((a, b) => a - b);
          expect(used.quick).toBeGreaterThanOrEqual((least ?? 0) - 1e-6);
          expect(used.quick).toBeLessThanOrEqual((most ?? 0) + 1e-6);
        }
      }),
    );
  });

  it('of days before a re-pacing stay as they were', () => {
    fc.assert(
      fc.property(anyPaces, day, (spec, on) => {
        const later = addDays(on, 1);
        const repaced = [...spec.paces.repaced, later];
        const again = { ...spec, paces: { ...spec.paces, repaced } };
        const [before, after] = [spec, again].map((of) => easyPaces(of, defaultHouseRules)(on));
        expect(after).toBe(before);
      }),
    );
  });

  it('predict more time for more metres, by every model that says anything', () => {
    const distances = [1500, 3000, 5000, 10_000, 21_097.5, 42_195];
    fc.assert(
      fc.property(anyPaces, (spec) => {
        for (const column of equivalentsOn(spec, defaultHouseRules, start, distances)) {
          const times = column.predictions.flatMap((each) => (each ? [each.time] : []));
          expect(times).toEqual([...times].sort((a, b) => a - b));
          expect(times.every((time) => time > 0)).toBe(true);
        }
      }),
    );
  });
});
