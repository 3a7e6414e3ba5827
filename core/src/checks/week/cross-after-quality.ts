import { isHardRunning } from '../../layout/block/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** Cross-training the day after a quality session. Value: such days of a week; limit: 0. */
export const crossAfterQuality = check({
  code: 'cross-after-quality',
  level: 'note',
  run({ block }) {
    const days = daysToRace(block);
    const found = days.filter(({ day }, index) => {
      const before = days[index - 1]?.day;
      return day.role === 'cross-train' && before !== undefined && isHardRunning(before);
    });
    return dayByWeek(found);
  },
});
