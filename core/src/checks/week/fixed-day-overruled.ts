import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A day is not what the coach fixed it to be. Value: such days of a week; limit: 0. */
export const fixedDayOverruled = check({
  code: 'fixed-day-overruled',
  level: 'note',
  run({ block }) {
    const wished = new Map(block.spec.days.map((wish) => [wish.date, wish]));
    if (wished.size === 0) return [];
    const found = daysToRace(block).filter(({ day }) => {
      const wish = wished.get(day.date);
      const otherRole = wish?.role !== undefined && wish.role !== day.role;
      const unread = wish?.session !== undefined && !RUN_AS_WRITTEN.has(day.rule);
      return otherRole || unread;
    });
    return dayByWeek(found);
  },
});

/** Rules under which a written session is what stands on its day. */
const RUN_AS_WRITTEN: ReadonlySet<string> = new Set(['own-session', 'pin', 'swap']);
