import { taperSchools } from '../../layout/schools/index.js';
import { cutBeforeRace } from '../../layout/index.js';
import { layoutStep } from '../../rules/index.js';
import type { CheckContext, Observation } from '../common/check.js';

/** Policy: seconds of running in six days that leave nothing to be cut, and of each run of a week. */
const LITTLE = 90 * 60;
const LITTLE_A_RUN = 18 * 60;

/** Floating-point noise in a share. */
export const NOISE = 1e-9;

export function usualCut({ block }: CheckContext) {
  return taperSchools[block.spec.taper.school].raceWeekCut;
}

/** The cut of race week, and what rounding may make of it. */
interface RaceWeekCut extends Pick<Observation, 'weeks' | 'value'> {
  leeway: number;
  /** True where a last session and a shake-out are all there is: nothing is to be taken off. */
  isLittle: boolean;
}

/** The cut of the days before the race; none where it cannot be judged. */
export function raceWeekCut({ block, rules }: CheckContext): RaceWeekCut[] {
  const found = cutBeforeRace(block);
  const raceWeek = block.weeks.at(-1);
  if (!found || !raceWeek) return [];
  // Whole steps may take a little more or less than the school says.
  const leeway = layoutStep(block.spec.athlete, rules) / found.before;
  const little = Math.max(LITTLE, LITTLE_A_RUN * block.spec.week.runDays);
  return [{ weeks: [raceWeek.number], value: found.cut, leeway, isLittle: found.time <= little }];
}
