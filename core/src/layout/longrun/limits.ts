import type { WeekOfLongRun } from '../../rules/limits/index.js';
import { type ResolvedSpec, runDaysOf } from '../../spec/index.js';

/** The parts of a spec that bear on a long run's part of its week. */
interface Bearing {
  race: Pick<ResolvedSpec['race'], 'distance'>;
  week: Pick<ResolvedSpec['week'], 'runDays' | 'days'>;
}

/** A week of a block as its long run is held against it; amounts in m or s. */
export function weekOfLongRun(
  { race, week }: Bearing,
  volume: number,
  perMetre: number,
): WeekOfLongRun {
  return { volume, runDays: runDaysOf(week), raced: race.distance, perMetre };
}
