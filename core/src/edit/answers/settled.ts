import { layWeeks, resolveSpec } from '../../layout/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';

/**
 * A spec with nothing left out, as it is laid out: a peak that nobody asked for is what
 * the runs of its weeks come to, and is known only then.
 *
 * @throws RangeError on a spec without a race date or a start
 */
export function settledSpec(given: BlockSpec): ResolvedSpec {
  return given.volume?.peak === undefined ? layWeeks(given).block.spec : resolveSpec(given);
}
