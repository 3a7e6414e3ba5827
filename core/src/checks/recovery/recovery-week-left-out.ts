import { check } from '../common/check.js';

/** A recovery week wished for in week 1, in the taper or just before it is not laid out. Value: those laid out; limit: those wished. */
export const recoveryWeekLeftOut = check({
  code: 'recovery-week-left-out',
  level: 'note',
  run({ block: { weeks, spec } }) {
    const wished = spec.volume.recovery.weeks ?? [];
    const out = wished.filter((number) => weeks[number - 1]?.recoveryDue !== true);
    if (out.length === 0) return [];
    const known = out.filter((number) => number <= weeks.length);
    return [{ weeks: known, value: wished.length - out.length, limit: wished.length }];
  },
});
