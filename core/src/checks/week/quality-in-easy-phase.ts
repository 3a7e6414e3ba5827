import { phaseCharacters } from '../../spec/choices/index.js';
import { isHardRunning, isRaced } from '../../layout/index.js';
import { check } from '../common/check.js';

/** More quality days in a week than its phase is for. Value and limit: days. */
export const qualityInEasyPhase = check({
  code: 'quality-in-easy-phase',
  level: 'caution',
  run({ block: { weeks } }) {
    return weeks.flatMap(({ number, phase, days, kind }) => {
      const limit = kind === 'race' ? 1 : phaseCharacters[phase].hardDays;
      const value = days.filter((day) => isHardRunning(day) && !isRaced(day.role)).length;
      return value > limit ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
