import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { pinWeek, unpinWeek } from '@nadir/core/edit';
import { writeCells } from '@nadir/core/edit/sheet';
import { useEffect, useMemo, useRef } from 'react';
import type { Pinning } from './Ledger.js';
import type { Commands } from '../../editor/useCommands.js';

/** Pinning on the block at hand: previews are drawn, kept pins become one undoable change. */
export function usePinning(block: CheckedBlock, measure: Measure, commands: Commands): Pinning {
  const standing = useRef(block);
  useEffect(() => {
    standing.current = block;
  }, [block]);
  return useMemo(
    () => ({
      preview: (week, field, amount) =>
        commands.show(
          amount === undefined
            ? unpinWeek(standing.current, week, field)
            : pinWeek(standing.current, { week, field }, amount, measure),
        ),
      keep(week, field, amount) {
        const before = pinOf(standing.current, week)?.[field];
        if (before !== amount) {
          return commands.run(pinWeek(standing.current, { week, field }, amount, measure));
        }
        commands.cancel();
        return [];
      },
      write(week, field, text, how) {
        const cell = { kind: field, week } as const;
        const { command, untaken } = writeCells(standing.current, [{ cell, text }], measure);
        if (command) return how === 'keep' ? commands.run(command) : commands.show(command);
        commands.cancel();
        return untaken.map(({ problem }) => ({ code: 'unread', path: [], message: problem }));
      },
      unpin(week, field) {
        if (pinOf(standing.current, week)?.[field] === undefined) return;
        commands.run(unpinWeek(standing.current, week, field));
      },
      cancel: () => commands.cancel(),
    }),
    [commands, measure],
  );
}

function pinOf({ spec }: CheckedBlock, week: number) {
  return spec.pins.find((pin) => pin.week === week);
}
