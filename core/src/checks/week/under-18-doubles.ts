import { check } from '../common/check.js';
import { isUnder18 } from '../../spec/index.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';
import { isDouble } from './doubles-too-soon.js';

/** Days run twice by an athlete under 18. Value: days of a week; limit: 0. */
export const under18Doubles = check({
  code: 'under-18-doubles',
  level: 'stop',
  run({ block }) {
    if (!isUnder18(block.spec)) return [];
    return dayByWeek(daysToRace(block).filter(({ day }) => isDouble(day)));
  },
});
