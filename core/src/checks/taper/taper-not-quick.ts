import { dayWords } from '../../base/format/format-day.js';
import { withDayWish } from '../../spec/fixed-day.js';
import type { Check } from '../common/check.js';

/** A taper week with nothing quick left in it. Value: quick days; limit: one. */
export const taperNotQuick = {
  code: 'taper-not-quick',
  level: 'note',
  run({ block: { weeks, wishes } }) {
    if (wishes.athlete.injured) return [];
    const slow = weeks.filter(
      ({ kind, running, days }) =>
        (kind === 'taper' || kind === 'race') &&
        running === 1 &&
        !days.some(({ quick, role }) => quick || role === 'tune-up' || role === 'test'),
    );
    if (slow.length === 0) return [];
    return [{ weeks: slow.map(({ number }) => number), value: 0, limit: 1 }];
  },
  fixes({ weeks }, context) {
    const easy = weeks.flatMap((number) => {
      const days = context.block.weeks[number - 1]?.days ?? [];
      return days.find(({ role }) => role === 'easy') ?? [];
    });
    if (easy.length !== weeks.length) return [];
    const label = `Strides on ${easy.map(({ date }) => dayWords(date)).join(', ')}`;
    const days = easy.reduce(
      (kept, { date }) => withDayWish(kept, date, { addOn: 'strides' }),
      context.block.wishes.days,
    );
    return [{ label, change: { days } }];
  },
} as const satisfies Check;
