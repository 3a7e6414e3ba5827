import type { Measure } from '../../base/index.js';
import { formatSteps } from '../../base/format/index.js';
import type { Week } from '../../layout/block/index.js';

type OfLongRun = Pick<Week, 'toGo' | 'longRun' | 'longRunRule'>;

/** True where a race is run in the place of a week's long run. */
export function isRacedInstead({ toGo, longRun, longRunRule }: OfLongRun): boolean {
  return longRun === 0 && (toGo === 0 || longRunRule === 'raced');
}

/** A week's long run as it is shown; where a race is run in its place, that. */
export function longRunFigure(week: OfLongRun, steps: number, measure: Measure): string {
  return isRacedInstead(week) ? 'race' : formatSteps(steps, measure);
}
