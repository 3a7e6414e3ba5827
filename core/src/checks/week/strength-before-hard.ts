import type { Check } from '../common/check.js';
import { datesOf, daysToRace, isHardDay, weeksOf } from '../common/days-to-race.js';

/** Strength work the day before something hard rather than after it. Value: such days; limit: 0. */
export const strengthBeforeHard = {
  code: 'strength-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const found = days.filter(({ day }, index) => {
      const next = days[index + 1]?.day;
      return next && isHardDay(next) && day.sessions.some(({ kind }) => kind === 'strength');
    });
    if (found.length === 0) return [];
    return [{ weeks: weeksOf(found), dates: datesOf(found), value: found.length, limit: 0 }];
  },
  fixes(_, { block: { wishes } }) {
    const { week } = wishes;
    const days = week.days?.map((day) => ({
      ...day,
      strength: day.role === 'quality' || undefined,
    }));
    const dated = wishes.days.map((day) => ({ ...day, strength: undefined }));
    const label = 'Strength after the hard days';
    return [{ label, change: { days: dated, ...(days && { week: { ...week, days } }) } }];
  },
} as const satisfies Check;
