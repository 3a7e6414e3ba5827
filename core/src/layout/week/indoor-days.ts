import type { DayRole } from '../../spec/days/index.js';
import { isOther, isRunning } from './roles.js';
import type { WeekOfRoles } from './goes-with-runs.js';

/** Which runs go indoors first: those that nothing hangs on, the hard ones last; the long run never. */
const ORDER: readonly DayRole[] = ['recovery', 'short-easy', 'easy', 'semi-long', 'quality'];

/**
 * Places of the runs that are done in the pool instead, where the coach wants
 * fewer runs outdoors than run days; of equals the one after a hard day first.
 * What the coach fixed of a date stays outdoors.
 */
export function indoorDays(
  { context, composed }: WeekOfRoles,
  roles: readonly DayRole[],
): ReadonlySet<number> {
  const { outdoorRuns } = context.spec.week;
  if (outdoorRuns === undefined) return NONE;
  const over = roles.filter((role) => isRunning(role)).length - outdoorRuns;
  const free = roles.flatMap((role, index) => {
    const fixed = context.fixedOn(composed[index]?.date ?? '');
    const isFixed = fixed.role !== undefined || fixed.amount !== undefined || fixed.session;
    return isOther(role) && !isFixed ? [index] : [];
  });
  const rankOf = (index: number) => {
    const before = roles[index - 1];
    const isAfterHard = before === 'quality' || before === 'long';
    return 2 * ORDER.indexOf(roles[index] ?? 'easy') + (isAfterHard ? 0 : 1);
  };
  const first = free.sort((one, other) => rankOf(one) - rankOf(other));
  return new Set(first.slice(0, Math.max(0, over)));
}

const NONE: ReadonlySet<number> = new Set();
