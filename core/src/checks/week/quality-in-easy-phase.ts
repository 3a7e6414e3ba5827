import { LAST_DAYS } from '../../rules/limits/index.js';
import { addDays } from '../../base/index.js';
import { phaseCharacters } from '../../spec/choices/index.js';
import { isRaced } from '../../layout/index.js';
import { isHardRunning } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/**
 * More quality days in a week than its phase is for; the last days before the race
 * count to its week. Value and limit: days.
 */
export const qualityInEasyPhase = check({
  code: 'quality-in-easy-phase',
  level: 'caution',
  run({ block: { weeks, spec }, missed }) {
    const from = addDays(spec.race.date, -LAST_DAYS);
    const before = weeks.slice(-2).flatMap(({ days, kind }) => (kind === 'race' ? [] : days));
    const last = before.filter(({ date }) => date >= from);
    return weeks.flatMap(({ number, phase, days, kind }) => {
      const isRace = kind === 'race';
      const limit = isRace ? 1 : phaseCharacters[phase].hardDays;
      const its = isRace ? [...last, ...days] : days;
      const value = its.filter(
        (day) =>
          isHardRunning(day) &&
          !missed?.has(day.date) &&
          !isRaced(day.role) &&
          (isRace || day.date < from),
      ).length;
      return value > limit ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
