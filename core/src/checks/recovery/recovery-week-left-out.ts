import type { Check } from '../common/check.js';
import { recovery } from '../../edit/fixes/week-fixes.js';

/** A recovery week wished for in week 1, in the taper or just before it is not laid out. Value: those laid out; limit: those wished. */
export const recoveryWeekLeftOut = {
  code: 'recovery-week-left-out',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    const wished = wishes.volume.recovery.weeks ?? [];
    const out = wished.filter((number) => weeks[number - 1]?.recoveryDue !== true);
    if (out.length === 0) return [];
    const known = out.filter((number) => number <= weeks.length);
    return [{ weeks: known, value: wished.length - out.length, limit: wished.length }];
  },
  fixes(_, context) {
    const { weeks, wishes } = context.block;
    const wished = wishes.volume.recovery.weeks ?? [];
    const kept = wished.filter((number) => weeks[number - 1]?.recoveryDue === true);
    return [recovery(context, 'Wish only for those laid out', { weeks: kept })];
  },
} as const satisfies Check;
