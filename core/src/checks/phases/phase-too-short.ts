import { check } from '../common/check.js';

/** A phase before the taper too short to have an effect. Value and limit: weeks. */
export const phaseTooShort = check({
  code: 'phase-too-short',
  level: 'note',
  run({ block: { phases }, rules }) {
    const limit = rules.phases.leastWeeks;
    return phases
      .filter(({ kind, weeks }) => !SHORT_BY_NATURE.has(kind) && weeks < limit)
      .map(({ firstWeek, weeks }) => ({
        weeks: Array.from({ length: weeks }, (_, index) => firstWeek + index),
        value: weeks,
        limit,
      }));
  },
});

/** Phases that do their work in a week. */
const SHORT_BY_NATURE: ReadonlySet<string> = new Set([
  'sharpening',
  'taper',
  'race-week',
  'recovery',
]);
