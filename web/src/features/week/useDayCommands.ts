import type { CommandOrNot } from '@nadir/core/edit/week';
import { useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';

/** Runs a command on a day; false, with the reason at hand, where it cannot be. */
export type RunDay = (command: CommandOrNot) => boolean;

/** Runs commands on days, and keeps what stood in the way of the last one. */
export function useDayCommands({ run: keep }: Commands): { run: RunDay; problem: string } {
  const [problem, setProblem] = useState('');
  return {
    problem,
    run(command) {
      const problems =
        typeof command === 'string' ? [command] : keep(command).map(({ message }) => message);
      setProblem(problems.join(' '));
      return problems.length === 0;
    },
  };
}
