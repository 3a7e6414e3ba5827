import { perMetreOf } from '../../rules/limits/index.js';
import { check } from '../common/check.js';

/** A long run further than a marathon itself. Value and limit: m or s. */
export const longRunOverRace = check({
  code: 'long-run-over-race',
  level: 'caution',
  run({ block: { weeks, spec, easyPace } }) {
    if (spec.race.distance < MARATHON) return [];
    const limit = spec.race.distance * perMetreOf(spec.athlete.basis, easyPace);
    return weeks.flatMap(({ number, longRun: value }) =>
      value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [],
    );
  },
});

/** Shorter races are outrun every week. Metres. */
const MARATHON = 42_000;
