import { longRun, pinAt, say, unpin } from './by-week.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on long runs. */
export const longRunFixes = {
  'few-long-runs': (_, context) => [
    longRun(context, 'Climb straight', { ladder: 'straight' }),
    ...[2, 3, 4].map((weeks) =>
      longRun(context, `Last peak ${weeks} weeks out`, { lastPeakWeeksOut: weeks }),
    ),
  ],
  'long-run-grown-too-fast': ({ weeks: [week = 1], limit }, context) => {
    const { start, peak } = context.block.spec.longRun;
    return [
      ...pinAt(context, week, 'longRun', limit),
      ...unpin(context, week, 'longRun'),
      ...(peak > start
        ? [longRun(context, `Ask for ${say(context, start)} at the peak`, { peak: start })]
        : []),
    ];
  },
  'long-run-held-down': ({ value }, context) => [
    longRun(context, `Ask for ${say(context, value)}`, {
      peak: value,
      start: Math.min(value, context.block.spec.longRun.start),
    }),
  ],
  'long-run-near-race': ({ weeks: [week = 1] }, context) => {
    const { leastWeeksOut } = context.rules.longRun;
    return [
      ...unpin(context, week, 'longRun'),
      longRun(context, `Last peak ${leastWeeksOut} weeks out`, { lastPeakWeeksOut: leastWeeksOut }),
    ];
  },
  'long-run-over-race': ({ weeks: [week = 1], limit }, context) => [
    ...pinAt(context, week, 'longRun', limit),
    ...unpin(context, week, 'longRun'),
    longRun(context, `Ask for ${say(context, limit)} at the peak`, { peak: limit }),
  ],
  'long-run-over-share': ({ weeks: [week = 1], limit }, context) => {
    const laid = context.block.weeks[week - 1];
    return [
      ...pinAt(context, week, 'longRun', (laid?.volume ?? 0) * limit),
      ...unpin(context, week, 'longRun'),
      ...unpin(context, week, 'volume'),
    ];
  },
  'long-run-over-time': ({ weeks: [week = 1], value, limit }, context) => {
    const laid = context.block.weeks[week - 1]?.longRun ?? 0;
    return [
      ...pinAt(context, week, 'longRun', (laid * limit) / value),
      ...unpin(context, week, 'longRun'),
    ];
  },
  'many-long-runs': (_, context) => [
    longRun(context, 'Two up, one back', { ladder: 'two-up-one-back' }),
    longRun(context, 'Long and less long by turns', { ladder: 'alternating' }),
  ],
} satisfies FixesByCheck;
