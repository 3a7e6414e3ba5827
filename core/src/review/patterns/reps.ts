import type { DayReviewed } from '../done/day-reviewed.js';
import type { FindPattern } from './pattern.js';

/** Sessions in a row that say something of an athlete’s paces. */
const IN_A_ROW = 2;

/** Repetitions faster than set in the taper, where nothing is gained by it. */
export const repsTooQuick: FindPattern = ({ days, weeks, rules }) => {
  const tapered = new Set(
    weeks.filter(({ week }) => week.taperShare < 1).map(({ week }) => week.number),
  );
  const quick = days.filter(
    (each) => tapered.has(each.week) && quicker(each) > rules.diary.repsMargin,
  );
  const worst = Math.max(...quick.map(quicker));
  return quick.length === 0
    ? undefined
    : {
        code: 'reps-too-quick',
        level: 'caution',
        dates: quick.map(({ day }) => day.date),
        value: worst,
        limit: rules.diary.repsMargin,
      };
};

/** Paces that what is run has overtaken: two sessions in a row quicker than set. */
export const pacesOvertaken: FindPattern = ({ days, rules }) => {
  const last = days.filter(({ reps }) => reps?.judged.against !== undefined).slice(-IN_A_ROW);
  if (last.length < IN_A_ROW || last.some((each) => quicker(each) <= rules.diary.repsMargin)) {
    return undefined;
  }
  return {
    code: 'paces-overtaken',
    level: 'note',
    dates: last.map(({ day }) => day.date),
    value: Math.min(...last.map(quicker)),
    limit: rules.diary.repsMargin,
  };
};

/** Part that repetitions were quicker than set, on the mean; 0 where nothing was set. */
function quicker({ reps }: DayReviewed): number {
  const { against, mean = 0 } = reps?.judged ?? {};
  return against === undefined ? 0 : -against / (mean - against);
}
