import type { Check } from '../common/check.js';
import { dayTimes } from '../../paces/day-times.js';
import { type NamedPace, rangeOf } from '../../paces/named-pace.js';

const MARATHON = 42_195;

/** Easy running too near marathon pace at its quick end. Value and limit: seconds per km. */
export const easyPaceTooFast = {
  code: 'easy-pace-too-fast',
  level: 'caution',
  run({ block: { wishes }, rules }) {
    const used = dayTimes(wishes, rules)(wishes.start);
    const named = wishes.paces.table.find(({ id }) => id === 'easy');
    const easy = used && named && rangeOf(named, used);
    if (!easy) return [];
    const value = easy.quick - (used(MARATHON) / MARATHON) * 1000;
    const limit = rules.paces.easyGap;
    return value < limit - 0.5 ? [{ weeks: [1], value, limit }] : [];
  },
  fixes({ value, limit }, { block: { wishes } }) {
    const by = Math.ceil(limit - value);
    const table = wishes.paces.table.map((pace): NamedPace => {
      const [quick, slow] = pace.offset;
      return pace.id === 'easy' ? { ...pace, offset: [quick + by, slow + by] } : pace;
    });
    return [{ label: `Run easy ${by} s/km slower`, change: { paces: { ...wishes.paces, table } } }];
  },
} as const satisfies Check;
