import type { Check } from './finding.js';
import type { NamedPace } from '../paces/named-pace.js';
import { pacesOn } from '../paces/paces-on.js';

const MARATHON = 42_195;

/** Easy running too near marathon pace at its quick end. Value and limit: seconds per km. */
export const easyPaceTooFast = {
  code: 'easy-pace-too-fast',
  level: 'caution',
  run({ block: { wishes }, rules }) {
    const { used, rows } = pacesOn(wishes, rules, wishes.start);
    const easy = rows.find(({ pace }) => pace.id === 'easy')?.used;
    if (!used || !easy) return [];
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
