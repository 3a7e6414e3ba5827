import type { Day } from '../../layout/block/index.js';
import type { Week } from '../../layout/block/index.js';
import { check } from '../common/check.js';
import { isUnder18 } from '../../spec/index.js';

/** Days run twice in a week too small for it. Value and limit: m or s. */
export const doublesTooSoon = check({
  code: 'doubles-too-soon',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.week.doublesFrom[spec.athlete.basis];
    if (isUnder18(spec)) return [];
    return weeks.flatMap((week) => {
      // What a race or days away make light keeps the doubles of the week that it is cut from.
      const counts = week.kind === 'building' && week.volumeRule !== 'event';
      const isSmall = counts && week.volume < limit && hasDoubles(week);
      return isSmall ? [{ weeks: [week.number], value: week.volume, limit }] : [];
    });
  },
});

function hasDoubles({ days }: Week): boolean {
  return days.some(isDouble);
}

export function isDouble({ sessions }: Day): boolean {
  return sessions.length > 1 && sessions.filter(({ kind }) => kind === 'run').length > 1;
}
