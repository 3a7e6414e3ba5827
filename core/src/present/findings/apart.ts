import { formatWithUnit } from '../../base/format/index.js';
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
