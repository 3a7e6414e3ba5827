import { fullWeek } from '../../layout/volume/climb.js';
import type { Check } from '../common/check.js';
import { pinAt, say, unpin, volume } from '../../edit/fixes/week-fixes.js';

/** Real weeks looked back on. */
const RECENT_WEEKS = 4;

/** The first week is heavier than any recent real week. Value and limit: m or s. */
export const startAboveHeld = {
  code: 'start-above-held',
  level: 'caution',
  run({ block: { weeks, wishes } }) {
    const recent = wishes.athlete.recentWeeks.slice(-RECENT_WEEKS);
    const first = weeks[0];
    if (!first || recent.length === 0) return [];
    const limit = Math.max(...recent);
    const value = fullWeek(first.volume, first.length);
    return value > limit + 1e-6 ? [{ weeks: [1], value, limit }] : [];
  },
  fixes: ({ limit }, context) => [
    ...unpin(context, 1, 'volume'),
    volume(context, `Start at ${say(context, limit)}`, { start: limit }),
    ...pinAt(context, 1, 'volume', limit),
  ],
} as const satisfies Check;
