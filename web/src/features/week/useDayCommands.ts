import type { CommandOrNot } from '@nadir/core/edit/week';
import { useSay } from '../../components/messages.js';
import type { Commands } from '../../editor/useCommands.js';

/** Runs a command on a day; false, with the reason said, where it cannot be. */
export type RunDay = (command: CommandOrNot) => boolean;

/** Runs commands on days, and says what stands in the way of one. */
export function useDayCommands({ run: keep }: Commands): { run: RunDay } {
  const say = useSay();
  return {
    run(command) {
      const problems =
        typeof command === 'string' ? [command] : keep(command).map(({ message }) => message);
      if (problems.length > 0) say({ text: problems.join(' ') });
      return problems.length === 0;
    },
  };
}
