import { layOut } from '../lay-out.js';
import type { FixedDay } from '../spec/days/index.js';
import type { BlockSpec } from '../spec/index.js';

/** A block as a coach brings it: every week fixed at what it comes to, every day as it is written. */
export function writtenOut(spec: BlockSpec): BlockSpec {
  const { weeks, spec: laid } = layOut(spec);
  const { volume, longRun, week } = laid;
  return {
    ...spec,
    volume,
    longRun,
    week,
    pins: weeks.map((each) => ({
      week: each.number,
      volume: each.volume,
      ...(each.longRun > 0 && { longRun: each.longRun }),
    })),
    days: weeks.flatMap(({ days }) =>
      days.flatMap(({ date, role, distance, sessions }): FixedDay[] => {
        if (role === 'rest') return [{ date, role }];
        if (role === 'quality') return [{ date, role, session: sessions.at(-1)?.shorthand }];
        const isPlain = role === 'easy' || role === 'semi-long' || role === 'short-easy';
        return isPlain ? [{ date, role: 'easy', amount: distance }] : [];
      }),
    ),
  };
}
