import { perMetreOf } from '../../rules/limits/index.js';
import { check } from '../common/check.js';
import { isUnder18 } from '../../spec/index.js';

/** A week over the cap for an athlete who is under 18 in the year of the race. Value and limit: m or s. */
export const under18Week = check({
  code: 'under-18-week',
  level: 'stop',
  run({ block: { weeks, spec, easyPace }, rules }) {
    if (!isUnder18(spec)) return [];
    const limit = rules.care.under18Week * perMetreOf(spec.athlete.basis, easyPace);
    return weeks.flatMap(({ number, volume: value }) =>
      value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [],
    );
  },
});
