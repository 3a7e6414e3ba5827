import { isBase } from '../../layout/block/index.js';
import { runningOfCycle } from '../../spec/index.js';
import { check } from '../common/check.js';

/** A recovery week that takes too little off the last building week, by the run days of its cycle. Value and limit: shares. */
export const recoveryTooShallow = check({
  code: 'recovery-too-shallow',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.recovery.leastDepth;
    let last = spec.volume.start;
    return weeks.flatMap((week) => {
      const volume = week.volume / runningOfCycle(spec, week.start);
      const value = 1 - volume / last;
      if (isBase(week) && !week.recoveryDue && week.volume > 0) last = volume;
      const shallow = week.recoveryDue && value < limit - LEEWAY;
      return shallow ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
});

/** Rounding to whole kilometres is not shallowness. */
const LEEWAY = 0.01;
