import { sum } from '../../base/apportion.js';
import type { Check } from '../common/check.js';

/** The coach's own phases do not add up to the block and were scaled. Value and limit: weeks. */
export const ownPhasesScaled = {
  code: 'own-phases-scaled',
  level: 'note',
  run({ block: { wishes } }) {
    if (wishes.phases.layout !== 'own') return [];
    const value = sum(wishes.phases.own.map(({ weeks }) => weeks));
    return value === wishes.weeks ? [] : [{ weeks: [1], value, limit: wishes.weeks }];
  },
  fixes(_, { block: { phases } }) {
    const own = phases.map(({ kind, name, weeks }) => ({ kind, name, weeks }));
    return [{ label: 'Keep them as scaled', change: { phases: { layout: 'own', own } } }];
  },
} as const satisfies Check;
