import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';

/** The race has been run: the block can be read, not lived. Value: days since; limit: 0. */
export const raceInThePast = check({
  code: 'race-in-the-past',
  level: 'note',
  run({ block: { weeks, spec }, today }) {
    if (today === undefined) return [];
    const value = differenceInDays(today, spec.race.date);
    return value > 0 ? [{ weeks: [weeks.length], value, limit: 0 }] : [];
  },
});
