import type { CivilDate } from '../../base/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import { eventOf } from '../sheet/index.js';
import type { PlanCell } from './plan-cells.js';

/**
 * Races and time trials of a plan on the way to its goal, each a day of its own: `10k race`,
 * `5 km time trial`.
 *
 * @param longest the day of each week on which most is run: a race there is its long run
 */
export function racesOf(
  cells: readonly PlanCell[],
  raceDate: CivilDate,
  longest: ReadonlySet<CivilDate>,
): BlockEvent[] {
  return cells.flatMap((cell): BlockEvent[] => {
    const { kind, date, text } = cell;
    const event = kind === 'day' && date < raceDate ? eventOf(text, date) : undefined;
    return event ? [{ ...event, isLongRun: longest.has(date) }] : [];
  });
}
