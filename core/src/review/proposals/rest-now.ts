import { toggleRecovery } from '../../edit/index.js';
import { notRecovering } from '../patterns/health.js';
import { slowAtPulse } from '../patterns/slow-at-pulse.js';
import { weeksToCome } from './changes.js';
import type { Propose } from './proposal.js';

/** Not recovering, by the mornings or by the pulse of easy runs: a recovery week now, or the one that stands lengthened. */
export const restNow: Propose = (review) => {
  const tired = notRecovering(review);
  if (!tired && !slowAtPulse(review)) return [];
  const [next] = weeksToCome(review);
  const present = review.weeks.at(-1)?.week;
  if (!next || next.recovery || next.recoveryDue || next.taperShare < 1) return [];
  const isLengthened = present?.recovery === true;
  return [
    {
      key: 'rest-now',
      title: isLengthened
        ? `Lengthen the recovery: week ${next.number} too`
        : `Take a recovery week now: week ${next.number}`,
      because: tired
        ? 'Three mornings in a row tired, short of sleep, without appetite or with a high pulse.'
        : 'Easy running has become slower at the same pulse.',
      command: toggleRecovery(review.block, [next.number]),
      caution: 'Tired for longer than a recovery week, or unwell with it: a doctor looks at it.',
      health: tired !== undefined,
    },
  ];
};
