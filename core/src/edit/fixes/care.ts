import { withoutEvents, unpin, say } from './by-week.js';
import { freeDays, makeEasy, restOn } from './by-day.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on care. */
export const careFixes = {
  'injured-hard-running': (_, context) =>
    withoutEvents(context, ({ kind }) => kind === 'tune-up-race' || kind === 'test'),
  'return-too-quick': ({ weeks, dates = [] }, context) => [
    ...weeks.flatMap((week) => unpin(context, week, 'volume')),
    ...freeDays(context, weeks, ['session', 'amount', 'role']),
    ...restOn(context, dates),
  ],
  'under-18-hard-days': ({ weeks }, context) => [
    ...freeDays(context, weeks, ['session', 'role']),
    ...makeEasy(context, weeks),
  ],
  'under-18-week': ({ limit }, context) => {
    const { volume, longRun, pins } = context.block.spec;
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
} satisfies FixesByCheck;
