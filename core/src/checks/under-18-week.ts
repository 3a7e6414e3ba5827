import { perMetre } from '../longrun/limits.js';
import type { Check } from './finding.js';

const ADULT = 18;

/** A week over the cap for an athlete who is under 18 in the year of the race. Value and limit: m or s. */
export const under18Week = {
  code: 'under-18-week',
  level: 'stop',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    const { birthYear } = wishes.athlete;
    const raceYear = Number(wishes.race.date.slice(0, 4));
    if (birthYear === undefined || raceYear - birthYear >= ADULT) return [];
    const limit = rules.volume.under18Week * perMetre(wishes, easyPace);
    const over = weeks.filter(({ volume }) => volume > limit + 1e-6);
    if (over.length === 0) return [];
    const value = Math.max(...over.map(({ volume }) => volume));
    return [{ weeks: over.map(({ number }) => number), value, limit }];
  },
} as const satisfies Check;
