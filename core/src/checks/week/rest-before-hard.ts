import type { Day } from '../../layout/index.js';
import { check } from '../common/check.js';
import { datesOf, daysToRace, isHardDay, weeksOf } from '../common/days-to-race.js';

/** Rest the day before a hard day where a better day is free. Value: weeks with it; limit: 0. */
export const restBeforeHard = check({
  code: 'rest-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const isBeforeHard = (index: number) => {
      const next = days[index + 1]?.day;
      // The day of rest before the race is a house rule of its own.
      return next !== undefined && next.role !== 'race' && isHardDay(next);
    };
    const wrong = days.filter(({ day }, index) => isRest(day) && isBeforeHard(index));
    if (wrong.length === 0) return [];
    // With few run days rest has to stand wherever there is room.
    const rests = (week: number) => days.filter((each) => each.week === week && isRest(each.day));
    const better = new Set(
      days
        .flatMap(({ week, day }, index) =>
          day.distance > 0 && !isHardDay(day) && !isBeforeHard(index) ? [week] : [],
        )
        .filter((week) => rests(week).length <= MANY_RESTS),
    );
    const found = wrong.filter(({ week }) => better.has(week));
    if (found.length === 0) return [];
    const weeks = weeksOf(found);
    return [{ weeks, dates: datesOf(found), value: weeks.length, limit: 0 }];
  },
});

/** Days of rest in a week from which on they cannot all stand well. */
const MANY_RESTS = 2;

function isRest({ rule, role }: Day): boolean {
  return rule === 'rest' && role === 'rest';
}
