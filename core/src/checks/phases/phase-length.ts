import { phaseLayouts } from '../../layout/phases/layouts.js';
import type { Check } from '../common/check.js';
import { lengthen } from '../../edit/fixes/week-fixes.js';

/** Phases that do their work in a week. */
const SHORT_BY_NATURE: ReadonlySet<string> = new Set([
  'sharpening',
  'taper',
  'race-week',
  'recovery',
]);

/** A phase before the taper too short to have an effect. Value and limit: weeks. */
export const phaseTooShort = {
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
  fixes: (_, context) => [
    ...[1, 2, 3, 4].flatMap((weeks) => lengthen(context, weeks)),
    {
      label: 'Late speed: three phases',
      change: { phases: { layout: 'late-speed' as const, own: [] } },
    },
  ],
} as const satisfies Check;

/** A phase of the layout that got no week. Value: phases laid out; limit: phases of the layout. */
export const phaseLeftOut = {
  code: 'phase-left-out',
  level: 'note',
  run({ block: { phases, wishes } }) {
    const { layout, own } = wishes.phases;
    // The taper comes on top of a layout's own parts.
    const limit = layout === 'own' ? own.length : phaseLayouts[layout].parts.length + 1;
    const value = phases.length;
    // A last part that sharpens before it tapers may be all taper.
    const folded = phaseLayouts[layout].taperIsAPart === true ? 1 : 0;
    return value < limit - folded ? [{ weeks: [1], value, limit: limit - folded }] : [];
  },
  fixes: (_, context) => [1, 2, 3, 4].flatMap((weeks) => lengthen(context, weeks)),
} as const satisfies Check;
