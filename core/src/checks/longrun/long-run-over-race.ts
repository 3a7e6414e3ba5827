import { perMetre } from '../../layout/longrun/limits.js';
import type { Check } from '../common/check.js';
import { longRun, pinAt, say, unpin } from '../../edit/fixes/week-fixes.js';

/** Shorter races are outrun every week. Metres. */
const MARATHON = 42_000;

/** A long run further than a marathon itself. Value and limit: m or s. */
export const longRunOverRace = {
  code: 'long-run-over-race',
  level: 'caution',
  run({ block: { weeks, wishes, easyPace } }) {
    if (wishes.race.distance < MARATHON) return [];
    const limit = wishes.race.distance * perMetre(wishes, easyPace);
    return weeks.flatMap(({ number, longRun: value }) =>
      value > limit + 1e-6 ? [{ weeks: [number], value, limit }] : [],
    );
  },
  fixes: ({ weeks: [week = 1], limit }, context) => [
    ...pinAt(context, week, 'longRun', limit),
    ...unpin(context, week, 'longRun'),
    longRun(context, `Ask for ${say(context, limit)} at the peak`, { peak: limit }),
  ],
} as const satisfies Check;
