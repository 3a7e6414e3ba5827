import { addDays, differenceInDays } from '../../base/index.js';
import { daysLong, lastDay } from '../../spec/days/index.js';
import { check } from '../common/check.js';

/**
 * The goal race while ill or hurt, or before as many days without anything hard have gone
 * by as that lasted. Value: those days, none while it lasts; limit: the days it lasted.
 */
export const raceAfterIllness = check({
  code: 'race-after-illness',
  level: 'stop',
  run({ block: { weeks, spec }, today = '' }) {
    const { date } = spec.race;
    if (today > date) return [];
    return spec.events
      .filter(({ kind, from }) => kind === 'illness' && from <= date)
      .map((event) => ({
        weeks: [weeks.length],
        dates: [date],
        value: Math.max(0, differenceInDays(date, addDays(lastDay(event), 1))),
        limit: daysLong(event),
      }))
      .filter(({ value, limit }) => value < limit);
  },
});
