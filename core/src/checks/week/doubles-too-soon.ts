import type { Week } from '../../layout/block/block.js';
import type { Day } from '../../layout/week/day.js';
import type { Check, FixContext, Fix } from '../common/check.js';
import { isUnder18 } from '../care/under-18.js';

/** Days run twice in a week too small for it. Value and limit: m or s of the smallest such week. */
export const doublesTooSoon = {
  code: 'doubles-too-soon',
  level: 'note',
  run({ block: { weeks, wishes }, rules }) {
    const limit = rules.week.doublesFrom[wishes.athlete.basis];
    const small = weeks.filter(
      (week) => hasDoubles(week) && week.kind === 'building' && week.volume < limit,
    );
    if (small.length === 0 || isUnder18(wishes)) return [];
    const value = Math.min(...small.map(({ volume }) => volume));
    return [{ weeks: small.map(({ number }) => number), value, limit }];
  },
  fixes: (_, context) => withoutDoubles(context),
} as const satisfies Check;

/** Days run twice by an athlete under 18. Value: days; limit: 0. */
export const under18Doubles = {
  code: 'under-18-doubles',
  level: 'stop',
  run({ block: { weeks, wishes } }) {
    const twice = weeks.filter(hasDoubles);
    if (twice.length === 0 || !isUnder18(wishes)) return [];
    const value = twice.reduce((total, week) => total + doublesIn(week), 0);
    return [{ weeks: twice.map(({ number }) => number), value, limit: 0 }];
  },
  fixes: (_, context) => withoutDoubles(context),
} as const satisfies Check;

function doublesIn({ days }: Week): number {
  return days.filter(isDouble).length;
}

function hasDoubles({ days }: Week): boolean {
  return days.some(isDouble);
}

function isDouble({ sessions }: Day): boolean {
  return sessions.length > 1 && sessions.filter(({ kind }) => kind === 'run').length > 1;
}

function withoutDoubles({ block: { wishes } }: FixContext): Fix[] {
  const once = <T extends { double?: boolean | undefined }>(days: readonly T[]) =>
    days.map((day) => ({ ...day, double: undefined }));
  const { week } = wishes;
  return [
    {
      label: 'Run once a day',
      change: {
        days: once(wishes.days),
        week: {
          ...week,
          days: week.days && once(week.days),
          byPhase: week.byPhase?.map((each) => ({ ...each, days: once(each.days) })),
        },
      },
    },
  ];
}
