import type { Week } from '../../layout/index.js';
import { check } from '../common/check.js';
import { isUnder18 } from '../../spec/index.js';
import { hasDoubles, isDouble } from './doubles-too-soon.js';

/** Days run twice by an athlete under 18. Value: days; limit: 0. */
export const under18Doubles = check({
  code: 'under-18-doubles',
  level: 'stop',
  run({ block: { weeks, spec } }) {
    const twice = weeks.filter(hasDoubles);
    if (twice.length === 0 || !isUnder18(spec)) return [];
    const value = twice.reduce((total, week) => total + doublesIn(week), 0);
    return [{ weeks: twice.map(({ number }) => number), value, limit: 0 }];
  },
});

function doublesIn({ days }: Week): number {
  return days.filter(isDouble).length;
}
