import { apportion, sum } from '../units/apportion.js';
import { type Measure, quantum } from '../units/measure.js';
import type { LaidBlock, Week } from './laid-block.js';

/** A week in whole shown steps. */
export interface ShownWeek {
  volume: number;
  /** The long run as its own day shows it; 0 when there is none. */
  longRun: number;
  days: number[];
}

/** A block in whole shown steps that add up: days to weeks, weeks to the total. */
export interface ShownBlock {
  measure: Measure;
  total: number;
  weeks: ShownWeek[];
}

/**
 * The figures of a block as they are shown, in any measure: the total is
 * rounded, shared out to the weeks by largest remainder, and each week's figure
 * to its days. Every view, export and print takes its figures from here.
 */
export function showBlock({ weeks }: Pick<LaidBlock, 'weeks'>, measure: Measure): ShownBlock {
  const step = quantum(measure);
  const volumes = apportion(
    weeks.map((week) => week[measure.basis]),
    step,
  );
  return {
    measure,
    total: sum(volumes),
    weeks: weeks.map((week, index) => showWeek(week, volumes[index] ?? 0, measure)),
  };
}

function showWeek({ days }: Week, volume: number, measure: Measure): ShownWeek {
  const amounts = days.map((day) => day[measure.basis]);
  const shown = apportion(amounts, quantum(measure), volume);
  const long = days.findIndex(({ role }) => role === 'long');
  return { volume, longRun: shown[long] ?? 0, days: shown };
}
