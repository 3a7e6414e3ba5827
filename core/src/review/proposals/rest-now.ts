import { withoutHard } from '../../edit/written/index.js';
import { type Command, toggleRecovery } from '../../edit/index.js';
import { type Block, isBase, type Week } from '../../layout/block/index.js';
import { recoveryLimit } from '../../rules/limits/index.js';
import { notRecovering } from '../patterns/health.js';
import { slowAtPulse } from '../patterns/slow-at-pulse.js';
import { weeksToCome } from '../done/to-come.js';
import { weeksHeldAt } from './held-weeks.js';
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
      command: restIn(review.block, next),
      caution: 'Tired for longer than a recovery week, or unwell with it: see a doctor.',
      health: tired !== undefined,
    },
  ];
};

/** A week made one of rest: where it is fixed, it is held as low as others are, and nothing written in it is hard. */
function restIn(block: Block, week: Week): Command {
  const { change, message } = toggleRecovery(block, [week.number]);
  const { pins, volume } = block.spec;
  if (!pins.some((pin) => pin.week === week.number)) return { change, message };
  const before = block.weeks.filter((each) => each.number < week.number && isBase(each)).at(-1);
  const lower = (amount: number, last = amount) =>
    Math.min(amount, recoveryLimit(last, volume.recovery.depth));
  const held = {
    week,
    volume: lower(week.volume, before?.volume),
    longRun: lower(week.longRun, before?.longRun),
  };
  const eased = withoutHard(block, week.days).days;
  const lowered = weeksHeldAt(block, [held], eased).change;
  const { recovery } = change.volume ?? volume;
  return { change: { ...lowered, volume: { ...volume, ...lowered.volume, recovery } }, message };
}
