import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';

/** Fewer weeks than the distance needs. Value and limit: weeks. */
export const blockTooShort = check({
  code: 'block-too-short',
  level: 'caution',
  run({ block: { spec }, rules }) {
    const limit = raceRules(rules, spec.race.distance).weeks.least;
    return spec.weeks < limit ? [{ weeks: [1], value: spec.weeks, limit }] : [];
  },
});
