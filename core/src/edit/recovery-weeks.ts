import type { Block } from '../layout/block/index.js';
import { type Command, weekWords } from './command.js';

/** Makes the chosen weeks recovery weeks, or building weeks where all of them are. */
export function toggleRecovery(block: Block, weeks: readonly number[]): Command {
  const due = block.weeks.flatMap(({ recoveryDue, number }) => (recoveryDue ? [number] : []));
  const all = weeks.every((week) => due.includes(week));
  const placed = all
    ? due.filter((week) => !weeks.includes(week))
    : [...new Set([...due, ...weeks])].sort((a, b) => a - b);
  const { volume } = block.spec;
  const kind = all ? 'building' : 'recovery';
  const made = weeks.length === 1 ? `a ${kind} week` : `${kind} weeks`;
  return {
    change: { volume: { ...volume, recovery: { ...volume.recovery, weeks: placed } } },
    message: `Made ${weekWords(weeks)} ${made}.`,
  };
}
