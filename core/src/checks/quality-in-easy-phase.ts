import { phaseCharacters } from '../phases/kinds.js';
import { isHardRunning } from '../week/day.js';
import { isRaced } from '../week/plan-week.js';
import type { Check } from './finding.js';
import { freeDays, makeEasy } from './mending-days.js';

/** More quality days in a week than its phase is for. Value and limit: days. */
export const qualityInEasyPhase = {
  code: 'quality-in-easy-phase',
  level: 'caution',
  run({ block: { weeks } }) {
    return weeks.flatMap(({ number, phase, days, kind }) => {
      const limit = kind === 'race' ? 1 : phaseCharacters[phase].hardDays;
      const value = days.filter((day) => isHardRunning(day) && !isRaced(day.role)).length;
      return value > limit ? [{ weeks: [number], value, limit }] : [];
    });
  },
  fixes: ({ weeks }, context) => [
    ...freeDays(context, weeks, ['role']),
    ...makeEasy(context, weeks),
  ],
} as const satisfies Check;
