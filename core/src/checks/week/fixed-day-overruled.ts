import { fixedDatesOf } from '../../layout/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A day is not what the coach fixed it to be. Value: such days of a week; limit: 0. */
export const fixedDayOverruled = check({
  code: 'fixed-day-overruled',
  level: 'note',
  run({ block }) {
    const { spec } = block;
    if (spec.days.length === 0 && !spec.week.fixed) return [];
    const wished = fixedDatesOf(block);
    const found = daysToRace(block).filter(({ day }) => {
      const wish = wished.get(day.date);
      const otherRole = wish?.role !== undefined && wish.role !== day.role;
      const unread = wish?.session !== undefined && !RUN_AS_WRITTEN.has(day.rule);
      // A long run has its ladder, whatever its weekday says.
      return otherRole || unread || (wish?.byWeekday === true && day.role === 'long');
    });
    return dayByWeek(found);
  },
});

/** Rules under which a written session is what stands on its day. */
const RUN_AS_WRITTEN: ReadonlySet<string> = new Set(['own-session', 'pin', 'swap', 'cross']);
