import { warmUps } from './warm-ups.js';
import { plural } from '../../base/format/index.js';
import { waysToPeak } from '../../layout/index.js';
import type { WeekSpec } from '../../spec/index.js';
import { pinAt, unpin, volume, lengthen, percent, say } from './by-week.js';
import { fitFamilies, freeWeekdays } from './by-weekday.js';
import { freeDays, wishDays } from './by-day.js';
import type { Fix, FixContext, FixesByCheck } from './fix.js';

/** Fixes of the checks on volume. */
export const volumeFixes = {
  'growth-over-cap': ({ weeks: [week = 1], value, limit }, context) => {
    const laid = context.block.weeks[week - 1]?.volume ?? 0;
    const { growth } = context.block.spec.volume;
    return [
      ...pinAt(context, week, 'volume', (laid / (1 + value)) * (1 + limit)),
      ...unpin(context, week, 'volume'),
      ...(growth.school === 'percentage'
        ? []
        : [
            volume(context, 'Grow by a percentage under the cap', {
              growth: { ...growth, school: 'percentage' },
            }),
          ]),
    ];
  },
  'not-feasible': ({ value }, context) => {
    const { spec } = context.block;
    const { start, growth } = spec.volume;
    const ways = waysToPeak(context.block, context.today);
    const peak = Math.max(start, value);
    // A tenth of a per cent more, so that rounding does not fall short again.
    const cap = Math.ceil((ways.growth ?? 0) * 1000 + 1) / 1000;
    const { step } = ways;
    return [
      volume(context, `Settle for ${say(context, peak)}`, { peak, start: Math.min(start, peak) }),
      ...lengthen(context, ways.weeks ?? 0),
      ...(ways.growth !== undefined && cap <= 1
        ? [volume(context, `Grow up to ${percent(cap)} a week`, { growth: { ...growth, cap } })]
        : []),
      ...(step === undefined
        ? []
        : [
            volume(context, `Rise by ${say(context, step)} a step`, {
              growth: { ...growth, step },
            }),
          ]),
      ...(spec.pins.length > 0 ? [{ label: 'Free every week', change: { pins: [] } }] : []),
    ];
  },
  'peak-far-from-race': ({ limit }, context) => [
    ...movePeak(context, limit),
    volume(context, 'Hold the peak to the taper', { peakWeek: undefined, holdAtPeak: 1 }),
    ...(context.block.spec.pins.length > 0
      ? [{ label: 'Free every week', change: { pins: [] } }]
      : []),
  ],
  'peak-near-race': ({ limit }, context) => movePeak(context, limit),
  'start-above-held': ({ limit }, context) => [
    ...unpin(context, 1, 'volume'),
    volume(context, `Start at ${say(context, limit)}`, { start: limit }),
    ...pinAt(context, 1, 'volume', limit),
  ],
  'too-long-at-peak': ({ limit }, context) => {
    const { growth } = context.block.spec.volume;
    const held = { holdAtPeak: limit, peakWeek: undefined };
    return [
      volume(context, `Hold ${plural(limit, 'week')}`, held),
      volume(context, 'Grow evenly to the peak', {
        ...held,
        growth: { ...growth, school: 'percentage' },
      }),
    ];
  },
  'volume-low-for-distance': ({ limit }, context) => [
    volume(context, `Build to ${say(context, limit)}`, { peak: limit }),
  ],
  'wish-not-kept': ({ value, about, dates = [] }, context) => {
    const { week } = context.block.spec;
    if (about === 'peak-week')
      return [volume(context, `Peak in week ${value}`, { peakWeek: value })];
    if (about === 'held')
      return [volume(context, `Hold ${plural(value, 'week')}`, { holdAtPeak: value })];
    if (about === 'double') return [wishDays(context, 'Run once', dates, { double: false })];
    if (about === 'add-on') return [wishDays(context, 'Run without', dates, { addOn: 'nothing' })];
    const label = `Ask for ${plural(value, 'quality day')}`;
    return [{ label, change: { week: withQuality(week, value) } }];
  },
  'week-over-wish': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['amount', 'session']),
    ...freeWeekdays(context),
    ...fitFamilies(context),
    ...weeks.flatMap((week) => unpin(context, week, 'volume')),
  ],
  'week-under-wish': ({ weeks }, context) => [
    ...(weeks.length === 1 ? weeks.flatMap((week) => warmUps(context, week)) : []),
    ...freeDays(context, weeks, ['amount', 'session']),
    ...weeks.flatMap((week) => unpin(context, week, 'volume')),
  ],
} satisfies FixesByCheck;

/** So many quality days of a week, the first of those there are; the others are easy. */
function withQuality(week: WeekSpec, most: number): WeekSpec {
  let found = 0;
  const days = week.days?.map((day) =>
    day.role === 'quality' && ++found > most ? { ...day, role: 'easy' as const } : day,
  );
  return { ...week, qualityOn: week.qualityOn.slice(0, most), days };
}

function movePeak(context: FixContext, toGo: number): Fix[] {
  const peakWeek = context.block.weeks.length - toGo;
  return peakWeek >= 1 ? [volume(context, `Peak in week ${peakWeek}`, { peakWeek })] : [];
}
