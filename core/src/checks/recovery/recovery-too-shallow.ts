import { isBase } from '../../layout/block/is-base.js';
import type { Check } from '../common/check.js';
import { percent, pinAt, recovery, unpin } from '../../edit/fixes/week-fixes.js';

/** Rounding to whole kilometres is not shallowness. */
const LEEWAY = 0.01;

/** A recovery week that takes too little off the last building week. Value and limit: shares. */
export const recoveryTooShallow = {
  code: 'recovery-too-shallow',
  level: 'caution',
  run({ block: { weeks, wishes }, rules }) {
    const limit = rules.recovery.leastDepth;
    let last = wishes.volume.start;
    return weeks.flatMap((week) => {
      const value = 1 - week.volume / last;
      if (isBase(week) && !week.recoveryDue && week.volume > 0) last = week.volume;
      const shallow = week.recoveryDue && value < limit - LEEWAY;
      return shallow ? [{ weeks: [week.number], value, limit }] : [];
    });
  },
  fixes({ weeks: [week = 1], value, limit }, context) {
    const laid = context.block.weeks[week - 1]?.volume ?? 0;
    return [
      ...unpin(context, week, 'volume'),
      recovery(context, `Take ${percent(limit)} off`, { depth: limit }),
      ...pinAt(context, week, 'volume', (laid / (1 - value)) * (1 - limit)),
    ];
  },
} as const satisfies Check;
