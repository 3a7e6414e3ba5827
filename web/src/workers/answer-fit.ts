import { type FitAnswer, type FitRequest, givenOf, historyOf } from '@nadir/contract';
import { type CheckedBlock, layOut } from '@nadir/core';
import {
  type Bend,
  fewestWeeks,
  type Found,
  highestPeak,
  lowestGrowth,
  type Nearest,
  nearestBlock,
  placeRecovery,
  type Solve,
} from '@nadir/core/solve';

const finders: Readonly<
  Record<
    Exclude<FitRequest['task'], 'nearest-block'>,
    (block: CheckedBlock, solve: Solve, from?: string) => Found
  >
> = {
  'lowest-growth': lowestGrowth,
  'highest-peak': highestPeak,
  'fewest-weeks': fewestWeeks,
  'place-recovery': placeRecovery,
};

/** Answers a question about a block by the solver. */
export function answerFit(
  { task, wishes, asOf, history = [] }: FitRequest,
  solve: Solve,
): FitAnswer {
  const block = layOut(givenOf(wishes), { asOf, history: historyOf(history) });
  const from = history.length > 0 ? asOf : undefined;
  if (task === 'nearest-block') return answerNearest(nearestBlock(block, solve, from));
  const { words, command } = finders[task](block, solve, from);
  return { words, bends: [], asItIs: [], command: plain(command) };
}

function answerNearest({ bends, asItIs, command }: Nearest): FitAnswer {
  const words =
    asItIs.length === 0
      ? 'Every rule holds: none need be exceeded.'
      : command
        ? 'The nearest block that keeps every fixed figure:'
        : 'No other block that keeps every fixed figure exceeds less.';
  return {
    words,
    bends: bends.map(measured),
    asItIs: asItIs.map(measured),
    command: plain(command),
  };
}

function measured({ rule, week, by }: Bend): FitAnswer['bends'][number] {
  return { rule, week, by };
}

/** Only the parts of the wishes that the solver changes cross over. */
function plain(command: Found['command']): FitAnswer['command'] {
  if (!command) return null;
  const { pins, volume, weeks, start } = command.change;
  const growth = volume?.growth;
  return {
    message: command.message,
    change: {
      ...(pins && { pins: [...pins] }),
      ...(volume && {
        volume: {
          ...volume,
          growth:
            growth?.school === 'percentage'
              ? { school: growth.school, cap: growth.cap }
              : undefined,
        },
      }),
      ...(weeks !== undefined && { weeks }),
      ...(start !== undefined && { start }),
    },
  };
}
