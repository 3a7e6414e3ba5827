import { check } from '../common/check.js';
import { datesOf, daysToRace, weeksOf } from '../common/days-to-race.js';

/** Strength work the day before something hard rather than after it. Value: such days; limit: 0. */
export const strengthBeforeHard = check({
  code: 'strength-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const found = days.filter(({ day }, index) => {
      const isBeforeHard = days[index + 1]?.hard === true;
      return isBeforeHard && day.sessions.some(({ kind }) => kind === 'strength');
    });
    if (found.length === 0) return [];
    return [{ weeks: weeksOf(found), dates: datesOf(found), value: found.length, limit: 0 }];
  },
});
