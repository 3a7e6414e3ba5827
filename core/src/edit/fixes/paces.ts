import { formatDuration } from '../../base/format/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import { goalGap } from '../../paces/index.js';
import { dayOf } from '../../checks/index.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on paces. */
export const pacesFixes = {
  'easy-pace-too-fast': ({ value, limit }, { block: { spec } }) => {
    const by = Math.ceil(limit - value);
    const table = spec.paces.table.map((pace): NamedPace => {
      const [quick, slow] = pace.offset;
      return pace.id === 'easy' ? { ...pace, offset: [quick + by, slow + by] } : pace;
    });
    return [{ label: `Run easy ${by} s/km slower`, change: { paces: { ...spec.paces, table } } }];
  },
  'goal-far-from-fitness': ({ limit }, context) => {
    const { race } = context.block.spec;
    const gap = goalGap(context.block.spec, context.rules, dayOf(context));
    if (!gap) return [];
    const seconds = (gap.current * (1 - limit) * race.distance) / 1000;
    // Up to a whole second, so that rounding does not ask for too much again.
    const goalTime = Math.ceil(seconds);
    return [
      {
        label: `Set the goal to ${formatDuration(goalTime)}`,
        change: { race: { ...race, goalTime } },
      },
    ];
  },
} satisfies FixesByCheck;
