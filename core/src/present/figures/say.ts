import { formatSteps } from '../../base/format/index.js';
import { type Measure, unitName } from '../../base/index.js';
import type { Week } from '../../layout/block/index.js';
import type { ShownBlock, ShownSegment } from './show.js';

/**
 * A week's volume as every view shows it, with its unit: `47 mi`. A sentence
 * that rounded the amount by itself could differ by a step from the figure that
 * adds up.
 */
export function sayVolume({ weeks, measure }: ShownBlock, week: number): string {
  return saySteps(weeks[week - 1]?.volume ?? 0, measure);
}

/** A week's long run as every view shows it, with its unit. */
export function sayLongRun({ weeks, measure }: ShownBlock, week: number): string {
  return saySteps(weeks[week - 1]?.longRun ?? 0, measure);
}

/** The whole block as every view shows it, with its unit. */
export function sayTotal({ total, measure }: ShownBlock): string {
  return saySteps(total, measure);
}

/** One stretch of a week's long run as every view shows it, with its unit. */
export function saySegment(
  { weeks, measure }: ShownBlock,
  week: number,
  part: keyof ShownSegment = 'amount',
): string {
  return saySteps(weeks[week - 1]?.segment?.[part] ?? 0, measure);
}

/** A week's volume, as it is shown, over its run days, in tenths; whole minutes by time. Empty in a week without. */
export function dailyMean(
  { number, runDays }: Pick<Week, 'number' | 'runDays'>,
  { weeks, measure }: ShownBlock,
): string {
  const volume = (weeks[number - 1]?.volume ?? 0) * measure.step;
  return runDays === 0 ? '' : (volume / runDays).toFixed(measure.basis === 'time' ? 0 : 1);
}

function saySteps(steps: number, measure: Measure): string {
  return `${formatSteps(steps, measure)} ${unitName(measure)}`;
}
