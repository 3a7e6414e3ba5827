import { withFixedDay } from '../../spec/days/index.js';
import { addDays, ceilTo, shiftWeekday, weekdayOf, weekdays } from '../../base/index.js';
import { capital } from '../../base/format/index.js';
import { placeDays } from '../../layout/index.js';
import type { FixContext, Fix } from './fix.js';
import { freeDays, swapRoles, makeEasy } from './by-day.js';
import { freeWeekdays } from './by-weekday.js';
import { pinAt, stepOf, unpin } from './by-week.js';
import { ontoFreeDays } from './onto-free-days.js';
import type { FixesByCheck } from './fix.js';

/** Two hard days in a row that the coach means so. */
function meantAsPair({ block: { spec } }: FixContext, dates: readonly string[]): Fix[] {
  const [first] = dates;
  if (first === undefined || !dates.includes(addDays(first, 1))) return [];
  const { pairs = [] } = spec.week;
  const weekday = weekdayOf(first);
  const label = `Treat ${capital(weekday)} and ${capital(shiftWeekday(weekday, 1))} as a pair`;
  return [{ label, change: { week: { ...spec.week, pairs: [...pairs, weekday] } } }];
}

/** Fixes of the checks on the week. */
export const weekFixes = {
  'cross-after-quality': (_, { block: { spec } }) => {
    const { week } = spec;
    if (!week.days) return [];
    const swapped = [...week.days];
    for (const [index, day] of swapped.entries()) {
      const next = swapped[index + 1];
      const before = swapped[index - 1];
      if (day.role !== 'cross-train' || before?.role !== 'quality' || next?.role !== 'rest')
        continue;
      swapped[index] = next;
      swapped[index + 1] = day;
    }
    return [{ label: 'Cross-train a day later', change: { week: { ...week, days: swapped } } }];
  },
  'doubles-too-soon': (_, context) => withoutDoubles(context),
  'fewer-run-days': ({ value }, { block: { spec } }) => {
    const runDays = Math.max(2, value);
    return [{ label: `Ask for ${runDays} run days`, change: { week: { ...spec.week, runDays } } }];
  },
  'fixed-day-overruled': ({ weeks }, context) => freeDays(context, weeks, ['role', 'session']),
  'hard-day-away': (_, context) => {
    const { spec } = context.block;
    const { longRunOn, qualityOn } = placeDays(spec);
    const label = 'Ask for the days as they are laid out';
    return [{ label, change: { week: { ...spec.week, longRunOn, qualityOn } } }];
  },
  'hard-days-adjacent': ({ weeks, dates = [] }, context) => {
    const days = weeks.flatMap((week) => context.block.weeks[week - 1]?.days ?? []);
    const quality = days.filter(({ role }) => role === 'quality');
    const easy = days.filter(({ role }) => role === 'easy' || role === 'short-easy');
    // One swap does not set many weeks apart.
    const swaps =
      weeks.length > MOST_TO_SWAP_IN
        ? []
        : quality.flatMap((one) => easy.flatMap((other) => swapRoles(context, one, other)));
    return [
      ...freeDays(context, weeks, ['role', 'session']),
      ...freeWeekdays(context),
      ...swaps,
      ...meantAsPair(context, dates),
    ];
  },
  monotony: ({ weeks: numbers }, { block: { weeks, spec } }) => {
    const found = numbers.flatMap((number) => weeks[number - 1] ?? []);
    const places = found[0]?.days.map((_, place) => place) ?? [];
    return places.flatMap((place) => {
      const days = found.flatMap((week) => week.days[place] ?? []);
      const [first] = days;
      if (!first || !days.every(({ role }) => EASY.has(role))) return [];
      const rested = days.reduce(
        (kept, { date }) => withFixedDay(kept, date, { role: 'rest', double: undefined }),
        spec.days,
      );
      const name = weekdayOf(first.date);
      const label = `Rest on ${name.charAt(0).toUpperCase()}${name.slice(1)}s of these weeks`;
      return [{ label, change: { days: rested } }];
    });
  },
  'quality-in-easy-phase': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['role']),
    ...freeWeekdays(context),
    ...makeEasy(context, weeks),
  ],
  'rest-before-hard': (_, { block: { spec } }) => {
    const { week } = spec;
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
  'any-run-over-long-run': ({ weeks: [week = 1], value }, context) => {
    const least = value / context.rules.week.mostOfLongRun;
    return [
      ...freeDays(context, [week], ['session', 'amount']),
      ...unpin(context, week, 'longRun'),
      ...unpin(context, week, 'volume'),
      ...pinAt(context, week, 'longRun', ceilTo(least, stepOf(context))),
    ];
  },
  'run-too-short': ({ weeks }, context) => freeDays(context, weeks, ['amount', 'session']),
  'semi-long-near-long': ({ weeks }, context) => freeDays(context, weeks, ['amount', 'role']),
  'session-outside-days': ({ weeks }, context) => [
    ...ontoFreeDays(context, weeks),
    ...freeDays(context, weeks, ['role', 'amount', 'session']),
  ],
  'strength-before-hard': (_, { block: { spec } }) => {
    const { week } = spec;
    const days = week.days?.map((day) => ({
      ...day,
      strength: day.role === 'quality' || undefined,
    }));
    const dated = spec.days.map((day) => ({ ...day, strength: undefined }));
    const label = 'Strength after the hard days';
    return [{ label, change: { days: dated, ...(days && { week: { ...week, days } }) } }];
  },
  'under-18-doubles': (_, context) => withoutDoubles(context),
} satisfies FixesByCheck;

function withoutDoubles({ block: { spec } }: FixContext): Fix[] {
  const once = <T extends { double?: boolean | undefined }>(days: readonly T[]) =>
    days.map((day) => ({ ...day, double: undefined }));
  const { week } = spec;
  return [
    {
      label: 'Run once a day',
      change: {
        days: once(spec.days),
        week: {
          ...week,
          days: week.days && once(week.days),
          fixed: week.fixed && once(week.fixed),
          byPhase: week.byPhase?.map((each) => ({ ...each, days: once(each.days) })),
        },
      },
    },
  ];
}

/** Weeks up to which one swap of days may be enough. */
const MOST_TO_SWAP_IN = 2;

const EASY: ReadonlySet<string> = new Set(['easy', 'short-easy', 'recovery', 'semi-long']);
