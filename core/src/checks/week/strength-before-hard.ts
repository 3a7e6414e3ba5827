import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** Strength work the day before something hard rather than after it. Value: such days of a week; limit: 0. */
export const strengthBeforeHard = check({
  code: 'strength-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const found = days.filter(({ day }, index) => {
      const isBeforeHard = days[index + 1]?.hard === true;
      return isBeforeHard && day.sessions.some(({ kind }) => kind === 'strength');
    });
    return dayByWeek(found);
  },
});
