import type { Day } from '../../layout/index.js';
import type { Week } from '../../layout/index.js';
import { check } from '../common/check.js';
import { isUnder18 } from '../../spec/index.js';

/** Days run twice in a week too small for it. Value and limit: m or s of the smallest such week. */
export const doublesTooSoon = check({
  code: 'doubles-too-soon',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.week.doublesFrom[spec.athlete.basis];
    const small = weeks.filter(
      (week) => hasDoubles(week) && week.kind === 'building' && week.volume < limit,
    );
    if (small.length === 0 || isUnder18(spec)) return [];
    const value = Math.min(...small.map(({ volume }) => volume));
    return [{ weeks: small.map(({ number }) => number), value, limit }];
  },
});

export function hasDoubles({ days }: Week): boolean {
  return days.some(isDouble);
}

export function isDouble({ sessions }: Day): boolean {
  return sessions.length > 1 && sessions.filter(({ kind }) => kind === 'run').length > 1;
}
