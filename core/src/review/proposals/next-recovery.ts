import { equalAsJson } from '../../base/index.js';
import type { Command } from '../../edit/index.js';
import { recoveryWeeks } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';

/** Building weeks after weeks of little running before which no week of rest is due: one where the coach placed it. */
const TOO_SOON = 2;

/**
 * A change with the recovery weeks after weeks of little running, which have rested the
 * legs: counted on from the last of those. Weeks that the coach placed stay, but for one
 * that would come too soon. What moves is said; the words are empty where nothing does.
 *
 * @param rested number of the last week of little running
 */
export function withRecoveryAfter<T extends Command['change']>(
  block: Block,
  change: T,
  rested: number,
): { change: T; words: string } {
  const { recovery } = block.spec.volume;
  const due = block.weeks.flatMap(({ recoveryDue, number }) => (recoveryDue ? [number] : []));
  const after = due.filter((week) => week > rested);
  const next = recovery.weeks ? notTooSoon(after, rested) : counted(block, rested);
  if (equalAsJson(next, after)) return { change, words: '' };
  const weeks = [...due.filter((week) => week <= rested), ...next];
  const volume = { ...(change.volume ?? block.spec.volume), recovery: { ...recovery, weeks } };
  const [first] = next;
  const words =
    first === undefined
      ? ' No recovery week is then due before the taper.'
      : ` The next recovery week is then week ${first}.`;
  return { change: { ...change, volume }, words };
}

/** Every so many weeks, from the last of little running to the taper. */
function counted({ weeks, spec: { volume } }: Block, rested: number): number[] {
  const ahead = weeks.filter(
    ({ number, taperShare, toGo }) => number > rested && taperShare === 1 && toGo > 0,
  );
  const due = recoveryWeeks({ ...volume.recovery, weeks: undefined }, ahead.length);
  return [...due].map((week) => rested + week);
}

function notTooSoon(due: readonly number[], rested: number): number[] {
  return due.filter((week) => week > rested + TOO_SOON);
}
