import { lengthen } from './by-week.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on phases and length. */
export const phasesFixes = {
  'block-too-long': ({ value, limit }, context) => lengthen(context, limit - value),
  'block-too-short': ({ value, limit }, context) => lengthen(context, limit - value),
  'own-phases-scaled': (_, { block: { phases } }) => {
    const own = phases.map(({ kind, name, weeks }) => ({ kind, name, weeks }));
    return [{ label: 'Keep the phases as scaled', change: { phases: { layout: 'own', own } } }];
  },
  'phase-left-out': (_, context) => [1, 2, 3, 4].flatMap((weeks) => lengthen(context, weeks)),
  'phase-too-short': (_, context) => [
    ...[1, 2, 3, 4].flatMap((weeks) => lengthen(context, weeks)),
    {
      label: 'Late speed: three phases',
      change: { phases: { layout: 'late-speed' as const, own: [] } },
    },
  ],
} satisfies FixesByCheck;
