import { taperSchools } from '../../layout/schools/index.js';
import { cutBeforeRace } from '../../layout/index.js';
import { layoutStep } from '../../rules/index.js';
import { shortestRun } from '../../rules/limits/index.js';
import type { CheckContext, Observation } from '../common/check.js';

/** Policy: seconds of running in six days that leave nothing to be cut. */
const LITTLE = 90 * 60;

/** Runs of race week that are rounded at least, its session's warm-up and cool-down. */
const LEAST_ROUNDED = 2;

/** Floating-point noise in an amount, m or s. */
const ROUNDING = 0.5;

/** Floating-point noise in a share. */
export const NOISE = 1e-9;

export function usualCut({ block }: CheckContext) {
  return taperSchools[block.spec.taper.school].raceWeekCut;
}

/** The cut of race week, and what rounding may make of it. */
interface RaceWeekCut extends Pick<Observation, 'weeks' | 'value'> {
  /** The same, a short run in place of the long one aside. */
  aside: number;
  leeway: number;
  /** True where a last session, a shake-out and the shortest of runs are all there is: nothing is to be taken off. */
  isLittle: boolean;
}

/** The cut of the days before the race; none where it cannot be judged. */
export function raceWeekCut({ block, rules }: CheckContext): RaceWeekCut[] {
  const found = cutBeforeRace(block);
  const raceWeek = block.weeks.at(-1);
  if (!found || !raceWeek) return [];
  const step = layoutStep(block.spec.athlete, rules);
  // Each of its runs is a whole number of steps: half a step more or less than the school says.
  const leeway = (Math.max(LEAST_ROUNDED, found.runs) * (step / 2)) / found.before;
  const shortest = shortestRun(rules, block.spec.athlete.basis, step);
  // A run that is a step longer than the shortest came of rounding.
  const isLittle = found.time <= LITTLE || found.longestEasy <= shortest + step + ROUNDING;
  return [
    {
      weeks: [raceWeek.number],
      value: found.cut,
      aside: found.cut + found.instead,
      leeway,
      isLittle,
    },
  ];
}
