import { raceRules } from '../../rules/index.js';
import { perMetreOf } from '../../rules/limits/index.js';
import { check } from '../common/check.js';

/** The heaviest week is light for the race. Value and limit: m or s. */
export const volumeLowForDistance = check({
  code: 'volume-low-for-distance',
  level: 'note',
  run({ block: { weeks, spec, easyPace }, rules }) {
    const least = raceRules(rules, spec.race.distance).peakVolume.least;
    const limit = least * perMetreOf(spec.athlete.basis, easyPace);
    const heaviest = weeks.reduce((best, week) => (week.volume > best.volume ? week : best));
    const value = heaviest.volume;
    return value < limit - 1e-6 ? [{ weeks: [heaviest.number], value, limit }] : [];
  },
});
