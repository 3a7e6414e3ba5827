import { sum } from '../../base/index.js';
import { check } from '../common/check.js';

/** The coach's own phases do not add up to the block and were scaled. Value and limit: weeks. */
export const ownPhasesScaled = check({
  code: 'own-phases-scaled',
  level: 'note',
  run({ block: { spec } }) {
    if (spec.phases.layout !== 'own') return [];
    const value = sum(spec.phases.own.map(({ weeks }) => weeks));
    return value === spec.weeks ? [] : [{ weeks: [1], value, limit: spec.weeks }];
  },
});
