import { dayWords } from '../../base/format/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import type { CivilDate } from '../../base/index.js';
import { isRaced } from '../../layout/index.js';
import { type Day, isHardRunning } from '../../layout/block/index.js';
import type { Fix, FixContext } from './fix.js';

/** Sets the same otherwise on each of the dates. */
export function wishDays(
  { block: { spec } }: FixContext,
  label: string,
  dates: readonly CivilDate[],
  part: Partial<FixedDay>,
): Fix {
  const days = dates.reduce((kept, date) => withFixedDay(kept, date, part), spec.days);
  return { label: `${label} on ${dates.map(dayWords).join(', ')}`, change: { days } };
}

/** Takes away what was fixed of single dates, where the finding's weeks hold any. */
export function freeDays(
  { block: { weeks, spec } }: FixContext,
  numbers: readonly number[],
  fields: readonly Exclude<keyof FixedDay, 'date'>[],
): Fix[] {
  const dates = new Set(
    numbers.flatMap((number) => weeks[number - 1]?.days.map(({ date }) => date) ?? []),
  );
  return spec.days.flatMap(({ date, ...wish }) => {
    const held = fields.filter((field) => wish[field] !== undefined);
    if (!dates.has(date) || held.length === 0) return [];
    const nothing = Object.fromEntries(held.map((field) => [field, undefined]));
    const days = withFixedDay(spec.days, date, nothing);
    return [{ label: `Reset ${dayWords(date)}`, change: { days } }];
  });
}

/** Rests on each of the days. */
export function restOn(context: FixContext, dates: readonly CivilDate[]): Fix[] {
  const nothing = { role: 'rest' as const, session: undefined, amount: undefined };
  return dates.map((date) => wishDays(context, 'Rest', [date], nothing));
}

/** Makes each quality day of a week easy, the last first. */
export function makeEasy(context: FixContext, numbers: readonly number[]): Fix[] {
  return numbers.flatMap((number) => {
    const quality = context.block.weeks[number - 1]?.days.filter(isSession) ?? [];
    const easy = { role: 'easy' as const, session: undefined, amount: undefined };
    return quality.reverse().map(({ date }) => wishDays(context, 'Run easy', [date], easy));
  });
}

/** Swaps the roles of two dates of one week. */
export function swapRoles(context: FixContext, one: Day, other: Day): Fix[] {
  const roles = [one.role, other.role];
  if (!roles.every(isWishable)) return [];
  const { days } = context.block.spec;
  const first = withFixedDay(days, one.date, { role: other.role as FixedDay['role'] });
  const both = withFixedDay(first, other.date, { role: one.role as FixedDay['role'] });
  return [
    { label: `Swap ${dayWords(one.date)} and ${dayWords(other.date)}`, change: { days: both } },
  ];
}

const WISHABLE: ReadonlySet<string> = new Set([
  'quality',
  'semi-long',
  'easy',
  'short-easy',
  'recovery',
  'cross-train',
  'rest',
]);

function isWishable(role: string): boolean {
  return WISHABLE.has(role);
}

/** Hard running that is no race and no test: these are placed, and taken out where they are. */
function isSession(day: Day): boolean {
  return isHardRunning(day) && !isRaced(day.role);
}
