import { isBase } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/** A recovery week that takes too little off the last building week. Value and limit: shares. */
export const recoveryTooShallow = check({
  code: 'recovery-too-shallow',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.recovery.leastDepth;
    let last = spec.volume.start;
    return weeks.flatMap((week) => {
      const value = 1 - week.volume / last;
      if (isBase(week) && !week.recoveryDue && week.volume > 0) last = week.volume;
      const shallow = week.recoveryDue && value < limit - LEEWAY;
      return shallow ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
});

/** Rounding to whole kilometres is not shallowness. */
const LEEWAY = 0.01;
