import type { Measure } from '../../base/index.js';
import { formatSteps } from '../../base/format/index.js';
import type { Block, Week } from '../../layout/block/index.js';
import type { ShownBlock } from './show.js';

type OfLongRun = Pick<Week, 'toGo' | 'longRun' | 'longRunRule'>;

/** True where a race is run in the place of a week's long run. */
export function isRacedInstead({ toGo, longRun, longRunRule }: OfLongRun): boolean {
  return longRun === 0 && (toGo === 0 || longRunRule === 'raced');
}

/** A week's long run as it is shown; where a race is run in its place, that. */
export function longRunFigure(week: OfLongRun, steps: number, measure: Measure): string {
  return isRacedInstead(week) ? 'race' : formatSteps(steps, measure);
}

/** Volume or long run of a week as it is shown, by its place; empty where there is no such week. */
export function weekFigure(
  { block: { weeks }, shown }: { block: Pick<Block, 'weeks'>; shown: ShownBlock },
  place: number,
  field: 'volume' | 'longRun',
): string {
  const [week, steps] = [weeks[place], shown.weeks[place]?.[field]];
  if (week === undefined || steps === undefined) return '';
  return field === 'longRun'
    ? longRunFigure(week, steps, shown.measure)
    : formatSteps(steps, shown.measure);
}
