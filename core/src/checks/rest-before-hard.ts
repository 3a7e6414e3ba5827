import { shiftWeekday, weekdays } from '../calendar/weekday.js';
import type { Check } from './finding.js';
import { datesOf, daysToRace, isHardDay, weeksOf } from './hard-day.js';

/** With fewer run days than these, rest has to stand wherever there is room. */
const FEW_RUN_DAYS = 5;

/** Rest the day before a hard day rather than after one. Value: weeks with it; limit: 0. */
export const restBeforeHard = {
  code: 'rest-before-hard',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const found = days.filter(({ week, day }, index) => {
      const next = days[index + 1]?.day;
      const runDays = block.weeks[week - 1]?.runDays ?? 0;
      // The day of rest before the race is a house rule of its own.
      if (!next || next.role === 'race' || runDays < FEW_RUN_DAYS) return false;
      return day.rule === 'rest' && day.role === 'rest' && isHardDay(next);
    });
    if (found.length === 0) return [];
    const weeks = weeksOf(found);
    return [{ weeks, dates: datesOf(found), value: weeks.length, limit: 0 }];
  },
  fixes(_, { block: { wishes } }) {
    const { week } = wishes;
    if (week.days) return [];
    const ordered = weekdays.map((_day, index) => shiftWeekday(week.longRunOn, index + 1));
    const kept = week.restOn.slice(1);
    return ordered
      .filter((day) => day !== week.longRunOn && !week.qualityOn.includes(day))
      .filter((day) => !kept.includes(day))
      .map((day) => ({
        label: `Rest on ${day.charAt(0).toUpperCase()}${day.slice(1)}s`,
        change: { week: { ...week, restOn: [day, ...kept] } },
      }));
  },
} as const satisfies Check;
