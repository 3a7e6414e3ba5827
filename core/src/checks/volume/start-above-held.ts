import { fullWeek } from '../../layout/index.js';
import { layoutStep } from '../../rules/index.js';
import { check } from '../common/check.js';
import { heldOfLate } from './held-of-late.js';

/** The first week is heavier than any recent real week. Value and limit: m or s. */
export const startAboveHeld = check({
  code: 'start-above-held',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const first = weeks[0];
    const limit = heldOfLate(spec);
    if (!first || limit === undefined) return [];
    const value = fullWeek(first.volume, first.length);
    // Weeks are laid out in whole steps: what rounding adds is no heavier week.
    const rounding = layoutStep(spec.athlete, rules) / 2;
    return value > limit + rounding + 1e-6 ? [{ weeks: [1], value, limit }] : [];
  },
});
