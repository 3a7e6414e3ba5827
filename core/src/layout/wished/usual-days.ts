import { isRun } from '../../spec/days/index.js';
import { weekdayOf } from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { EventDays, UsualDay } from '../events/event-days.js';
import { fixedDays } from '../written/fixed-days.js';
import { type CoachSpec, coachWeek, type WeekToWish } from './coach-week.js';

/** What of a spec says on which days one usually runs. */
export type UsualSpec = Omit<CoachSpec, 'days'> & Partial<Pick<ResolvedSpec, 'days' | 'pins'>>;

/** The days of a week as they would be run without events, asked of the weeks that events touch. */
export function usualDays(
  spec: UsualSpec,
  rules: HouseRules,
  events: EventDays,
): (week: WeekToWish) => UsualDay[] {
  const { unavailable } = spec.athlete;
  const given = { ...spec, days: spec.days ?? [], pins: spec.pins ?? [] };
  return (week) => {
    const fixed = fixedDays(given, [{ ...week, phase: week.phase.kind }], events);
    const fixedOn = (date: string) => fixed.get(date) ?? { date };
    return coachWeek({ spec: given, rules, fixedOn })(week).map((day) => ({
      date: day.date,
      role: day.role,
      takesRun: !isRun(day.role) && !day.fixed && !unavailable.includes(weekdayOf(day.date)),
    }));
  };
}
