import { fullWeek } from '../../layout/index.js';
import { check } from '../common/check.js';

/** The first week is heavier than any recent real week. Value and limit: m or s. */
export const startAboveHeld = check({
  code: 'start-above-held',
  level: 'caution',
  run({ block: { weeks, spec } }) {
    const recent = spec.athlete.recentWeeks.slice(-RECENT_WEEKS);
    const first = weeks[0];
    if (!first || recent.length === 0) return [];
    const limit = Math.max(...recent);
    const value = fullWeek(first.volume, first.length);
    return value > limit + 1e-6 ? [{ weeks: [1], value, limit }] : [];
  },
});

/** Real weeks looked back on. */
const RECENT_WEEKS = 4;
