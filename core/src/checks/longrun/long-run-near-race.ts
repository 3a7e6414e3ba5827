import { differenceInDays } from '../../base/index.js';
import { leastDaysToPeak } from '../../rules/limits/index.js';
import { check } from '../common/check.js';

/** The last peak long run too near the race. Value and limit: days. */
export const longRunNearRace = check({
  code: 'long-run-near-race',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const limit = leastDaysToPeak(rules.longRun.leastWeeksOut);
    const longest = Math.max(...weeks.map(({ longRun }) => longRun));
    // What is laid after the peak is shorter on purpose; in middle distance hardly so.
    const last = weeks.findLast(
      ({ longRun, longRunRule }) =>
        longRun > 0 && longRun >= rules.longRun.nearPeak * longest && longRunRule !== 'after-peak',
    );
    const day = last?.days.find(({ role }) => role === 'long');
    if (!last || !day) return [];
    const value = differenceInDays(spec.race.date, day.date);
    return value < limit ? [{ weeks: [last.number], value, limit }] : [];
  },
});
