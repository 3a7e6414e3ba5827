import { formatHours } from '../../base/format/index.js';
import { longRunFeasibility } from '../../layout/index.js';
import { perMetreOf } from '../../rules/limits/index.js';
import { lengthen, longRun, percent, pinAt, pinAtLeast, rule, say, unpin } from './by-week.js';
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
  'long-run-held-down': ({ value }, context) => {
    const { block, rules } = context;
    const ways = longRunFeasibility(block, rules);
    const { byGrowth, byTime, extraWeeks, neededRise, neededTime } = ways;
    const perMetre = perMetreOf(block.spec.athlete.basis, block.easyPace);
    return [
      longRun(context, `Ask for ${say(context, value)}`, {
        peak: value,
        start: Math.min(value, block.spec.longRun.start),
      }),
      ...lengthen(context, extraWeeks ?? 0),
      ...(byGrowth && neededRise !== null
        ? [
            rule(context, `Let the long run grow by ${say(context, neededRise)} each time`, {
              'longRun.growthDistance': neededRise / perMetre,
            }),
          ]
        : []),
      ...(byTime
        ? [
            rule(context, `Allow ${formatHours(neededTime)} on the feet`, {
              'longRun.mostTime': 60 * Math.ceil(neededTime / 60),
            }),
          ]
        : []),
    ];
  },
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
  'long-run-over-share': ({ weeks: [week = 1], value, limit, each = [] }, context) => {
    const laid = context.block.weeks[week - 1];
    const { share } = context.rules.longRun;
    const worst = Math.max(value, ...each.map((part) => part.value));
    // The house rule is what the limit of a light week or of few run days adds to.
    const allowed = Math.ceil((share + worst - limit) * 100 - 1e-6) / 100;
    return [
      ...pinAt(context, week, 'longRun', (laid?.volume ?? 0) * limit),
      ...pinAtLeast(context, week, 'volume', (laid?.longRun ?? 0) / limit),
      rule(context, `Allow ${percent(Math.ceil(worst * 100 - 1e-6) / 100)} of the week`, {
        'longRun.share': allowed,
        'longRun.mostShare': Math.max(context.rules.longRun.mostShare, allowed),
      }),
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
