import { formatPercent, formatFinePercent, formatWithUnit } from '../../base/format/index.js';
import { ceilTo, floorTo, type Measure, quantum } from '../../base/index.js';
import type { Observation } from '../../checks/index.js';

/**
 * What was measured and its limit, never as the same figure: the limit in the
 * shown steps that keep it, both in tenths where those are too coarse.
 */
export function apart(
  { value, limit }: Pick<Observation, 'value' | 'limit'>,
  measure: Measure,
): { value: string; limit: string } {
  const inStep = (shown: Measure) => {
    const step = quantum(shown);
    const kept = value > limit ? floorTo(limit, step) : ceilTo(limit, step);
    return { value: formatWithUnit(value, shown), limit: formatWithUnit(kept, shown) };
  };
  const coarse = inStep(measure);
  return coarse.value === coarse.limit ? inStep({ ...measure, step: 0.1 }) : coarse;
}

/** Two shares, never as the same figure: in tenths of a per cent where whole ones are too coarse. */
export function sharesApart({ value, limit }: Pick<Observation, 'value' | 'limit'>): {
  value: string;
  limit: string;
} {
  const whole = { value: formatPercent(value), limit: formatPercent(limit) };
  if (whole.value !== whole.limit) return whole;
  const tenths = value > limit ? ceilTo(value, TENTH) : floorTo(value, TENTH);
  const isWhole = Math.abs(limit * 100 - Math.round(limit * 100)) < 1e-6;
  return {
    value: formatFinePercent(tenths),
    limit: isWhole ? whole.limit : formatFinePercent(limit),
  };
}

/** Two small shares in tenths: what is over the limit is never shown as it, nor what it allows as more. */
export function finelyApart({ value, limit }: Pick<Observation, 'value' | 'limit'>): {
  value: string;
  limit: string;
} {
  const least = Math.floor(limit / TENTH + 1e-6);
  return {
    value: formatFinePercent(Math.max(least + 1, Math.round(value / TENTH)) * TENTH),
    limit: formatFinePercent(least * TENTH),
  };
}

/** Of a per cent. */
const TENTH = 0.001;
