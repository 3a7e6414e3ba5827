import { taperSchools } from '../../layout/schools/index.js';
import { differenceInDays } from '../../base/index.js';
import type { CheckContext, Observation } from '../common/check.js';

/** Days of running a race week needs before its cut can be judged. */
const LEAST_DAYS = 3;

/** A whole race week holds six days before the race. */
const WHOLE_RACE_WEEK = 6;

/** Floating-point noise in a share. */
export const NOISE = 1e-9;

export function usualCut({ block }: CheckContext) {
  return taperSchools[block.spec.taper.school].raceWeekCut;
}

/** The cut as it would be over six days; none where the race leaves too few to judge. */
export function raceWeekCut({
  block: { weeks, spec },
}: CheckContext): Pick<Observation, 'weeks' | 'value'>[] {
  const raceWeek = weeks.at(-1);
  if (!raceWeek) return [];
  const days = differenceInDays(spec.race.date, raceWeek.start);
  if (days < LEAST_DAYS) return [];
  const heaviest = Math.max(...weeks.map(({ volume }) => volume));
  const running = (raceWeek.volume * WHOLE_RACE_WEEK) / days;
  return [{ weeks: [raceWeek.number], value: 1 - running / heaviest }];
}
