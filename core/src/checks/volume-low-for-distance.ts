import { perMetre } from '../longrun/limits.js';
import { raceClass } from '../rules/race-class.js';
import type { Check } from './finding.js';

/** The heaviest week is light for the race. Value and limit: m or s. */
export const volumeLowForDistance = {
  code: 'volume-low-for-distance',
  level: 'note',
  run({ block: { weeks, wishes, easyPace } }) {
    const limit = raceClass(wishes.race.distance).leastPeakVolume * perMetre(wishes, easyPace);
    const heaviest = weeks.reduce((best, week) => (week.volume > best.volume ? week : best));
    const value = heaviest.volume;
    return value < limit - 1e-6 ? [{ weeks: [heaviest.number], value, limit }] : [];
  },
} as const satisfies Check;
