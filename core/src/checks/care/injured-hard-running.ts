import type { Check } from '../common/check.js';
import { withoutEvents } from '../../edit/fixes/week-fixes.js';

/** A race or test planned for an athlete who is marked injured. Value: races and tests; limit: 0. */
export const injuredHardRunning = {
  code: 'injured-hard-running',
  level: 'stop',
  run({ block: { weeks, wishes } }) {
    if (!wishes.athlete.injured) return [];
    const hard = weeks.filter(({ hardDays }) => hardDays > 0);
    if (hard.length === 0) return [];
    const value = hard.reduce((total, { hardDays }) => total + hardDays, 0);
    return [{ weeks: hard.map(({ number }) => number), value, limit: 0 }];
  },
  fixes: (_, context) =>
    withoutEvents(context, ({ kind }) => kind === 'tune-up-race' || kind === 'test'),
} as const satisfies Check;
