import { perMetre } from '../../layout/longrun/limits.js';
import { raceRules } from '../../rules/house-rules.js';
import type { Check } from '../common/check.js';
import { say, volume } from '../../edit/fixes/week-fixes.js';

/** The heaviest week is light for the race. Value and limit: m or s. */
export const volumeLowForDistance = {
  code: 'volume-low-for-distance',
  level: 'note',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    const least = raceRules(rules, wishes.race.distance).peakVolume.least;
    const limit = least * perMetre(wishes, easyPace);
    const heaviest = weeks.reduce((best, week) => (week.volume > best.volume ? week : best));
    const value = heaviest.volume;
    return value < limit - 1e-6 ? [{ weeks: [heaviest.number], value, limit }] : [];
  },
  fixes: ({ limit }, context) => [
    volume(context, `Build to ${say(context, limit)}`, { peak: limit }),
  ],
} as const satisfies Check;
