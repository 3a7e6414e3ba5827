import type { Check } from '../common/check.js';
import { volume } from '../../edit/fixes/week-fixes.js';

/** Too many weeks at the heaviest, recovery weeks between them not counted. Value and limit: weeks. */
export const tooLongAtPeak = {
  code: 'too-long-at-peak',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.volume.mostAtPeak;
    const heaviest = Math.max(...weeks.map(({ volume }) => volume));
    const atPeak = weeks.filter(
      ({ volume }) => volume > 0 && volume >= rules.volume.atPeak * heaviest,
    );
    const value = atPeak.length;
    return value > limit ? [{ weeks: atPeak.map(({ number }) => number), value, limit }] : [];
  },
  fixes({ limit }, context) {
    const { growth } = context.block.wishes.volume;
    const held = { holdAtPeak: limit, peakWeek: undefined };
    return [
      volume(context, `Hold ${limit} weeks`, held),
      volume(context, 'Grow evenly to the peak', {
        ...held,
        growth: { ...growth, school: 'percentage' },
      }),
    ];
  },
} as const satisfies Check;
