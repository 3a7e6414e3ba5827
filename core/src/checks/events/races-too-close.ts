import { differenceInDays } from '../../base/index.js';
import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';

/** The goal race too soon after the one before it, by that one's distance. Value and limit: weeks. */
export const racesTooClose = check({
  code: 'races-too-close',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const before = spec.previousRace;
    if (!before) return [];
    const value = Math.floor(differenceInDays(spec.race.date, before.date) / 7);
    const limit = raceRules(rules, before.distance).weeksToNext;
    return value < limit ? [{ weeks: [1, weeks.length], value, limit }] : [];
  },
});
