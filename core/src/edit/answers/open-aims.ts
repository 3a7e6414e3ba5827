import { equalAsJson } from '../../base/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { settledSpec } from './settled.js';

/** What a plan aims at: both figures of a part together, for one alone may hold the other. */
const AIMS = [
  ['longRun', ['start', 'peak']],
  ['longRun', ['start']],
  ['longRun', ['peak']],
  ['volume', ['start', 'peak']],
  ['volume', ['start']],
  ['volume', ['peak']],
] as const;

/**
 * A plan without the aims that would be worked out the same: `openAnswers` for these alone,
 * a few lay-outs in place of one for every answer that was written down.
 */
export function openAims(given: BlockSpec): BlockSpec {
  const settled = settledSpec(given);
  return AIMS.reduce<BlockSpec>((kept, [part, aims]) => {
    const answer = kept[part];
    if (aims.some((aim) => answer?.[aim] === undefined)) return kept;
    const open = Object.fromEntries(aims.map((aim) => [aim, undefined]));
    const less = { ...kept, [part]: { ...answer, ...open } };
    return equalAsJson(settledSpec(less), settled) ? less : kept;
  }, given);
}
