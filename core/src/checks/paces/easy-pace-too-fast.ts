import { dayTimes, rangeOf } from '../../paces/index.js';
import { check } from '../common/check.js';

/** Easy running too near marathon pace at its quick end. Value and limit: seconds per km. */
export const easyPaceTooFast = check({
  code: 'easy-pace-too-fast',
  level: 'caution',
  run({ block: { spec }, rules }) {
    const used = dayTimes(spec, rules)(spec.start);
    const named = spec.paces.table.find(({ id }) => id === 'easy');
    const easy = used && named && rangeOf(named, used);
    if (!easy) return [];
    const value = easy.quick - (used(MARATHON) / MARATHON) * 1000;
    const limit = rules.paces.easyGap;
    return value < limit - 0.5 ? [{ weeks: [1], value, limit }] : [];
  },
});

const MARATHON = 42_195;
