import { formatPercent } from '../../base/format/index.js';
import type { Block } from '../../layout/block/index.js';

/** What the legs' curve is, and what it is not. */
export const WHAT_LEGS_ARE =
  'A model of how heavy the legs are, from what was run and what is planned: it knows nothing of sleep, illness or pain, and promises nothing.';

/** The two ends of the legs' curve that are spoken of. */
export interface LegsFigures {
  /** Number of the week whose work makes the legs heaviest. */
  week: number;
  /** In multiples of day one. */
  heaviest: number;
  raceMorning: number;
  /** How much lighter race morning is than the heaviest one, as a share of it. */
  release: number;
}

/** Works out what is said of the legs. */
export function legsFigures({ legs, weeks }: Pick<Block, 'legs' | 'weeks'>): LegsFigures {
  const { days, nadir, raceDay } = legs;
  // A morning is as heavy as the days before it made it.
  let day = 0;
  const week = weeks.find(({ length }) => (day += length) >= nadir);
  const heaviest = days[nadir]?.value ?? 1;
  return {
    week: week?.number ?? 1,
    heaviest,
    raceMorning: raceDay,
    release: 1 - raceDay / heaviest,
  };
}

/** `1.8 times day one`. */
export function timesDayOne(multiple: number): string {
  return `${multiple.toFixed(1)} times day one`;
}

/** `1.0, 43% lighter than at the nadir`. */
export function raceMorningWords({ raceMorning, release }: LegsFigures): string {
  const figure = timesDayOne(raceMorning);
  return release < 0.005
    ? `${figure}, as heavy as ever`
    : `${figure}, ${formatPercent(release)} lighter than at the nadir`;
}
