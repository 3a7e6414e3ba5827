import { perMetre } from '../../layout/longrun/limits.js';
import type { Check } from '../common/check.js';
import { isUnder18 } from './under-18.js';
import { say } from '../../edit/fixes/week-fixes.js';

/** A week over the cap for an athlete who is under 18 in the year of the race. Value and limit: m or s. */
export const under18Week = {
  code: 'under-18-week',
  level: 'stop',
  run({ block: { weeks, wishes, easyPace }, rules }) {
    if (!isUnder18(wishes)) return [];
    const limit = rules.care.under18Week * perMetre(wishes, easyPace);
    const over = weeks.filter(({ volume }) => volume > limit + 1e-6);
    if (over.length === 0) return [];
    const value = Math.max(...over.map(({ volume }) => volume));
    return [{ weeks: over.map(({ number }) => number), value, limit }];
  },
  fixes({ limit }, context) {
    const { volume, longRun, pins } = context.block.wishes;
    const start = Math.min(volume.start, limit);
    return [
      {
        label: `Keep every week to ${say(context, limit)}`,
        change: {
          volume: { ...volume, start, peak: Math.min(volume.peak, limit) },
          longRun: {
            ...longRun,
            start: Math.min(longRun.start, limit),
            peak: Math.min(longRun.peak, limit),
          },
          pins: pins.map((pin) => ({
            ...pin,
            ...(pin.volume !== undefined && { volume: Math.min(pin.volume, limit) }),
            ...(pin.longRun !== undefined && { longRun: Math.min(pin.longRun, limit) }),
          })),
        },
      },
    ];
  },
} as const satisfies Check;
