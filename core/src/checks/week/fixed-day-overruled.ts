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
      // A long run is run as it is written for its date, and has its ladder whatever its weekday says.
      if (day.role === 'long') return otherRole || wish?.byWeekday === true;
      // What is written out says by itself what its day is for.
      return wish?.session === undefined ? otherRole : !RUN_AS_WRITTEN.has(day.rule);
    });
    return dayByWeek(found);
  },
});

/** Rules under which a written session is what stands on its day. */
const RUN_AS_WRITTEN: ReadonlySet<string> = new Set(['own-session', 'pin', 'swap', 'cross']);
