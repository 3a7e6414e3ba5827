import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import {
  type UntakenCell,
  writeCells,
  type Writing,
  type WrittenCell,
} from '@nadir/core/edit/sheet';
import { useState } from 'react';
import type { Commands } from './useCommands.js';

/** A table laid over cells of a block. */
export interface LaidTable {
  written: WrittenCell[];
  /** Cells beyond the block. */
  outside: number;
}

/** A table from the clipboard that is shown and not taken yet. */
export interface Pasted<L extends LaidTable> {
  laid: L;
  taken: number;
  /** What could not be read, or may not be written. */
  untaken: UntakenCell[];
}

/** A pasted table: drawn before it is taken, mended where it can be, kept as one step. */
export interface Pasting<L extends LaidTable> {
  pasted: Pasted<L> | undefined;
  show: (laid: L) => void;
  mend: (cell: UntakenCell) => void;
  take: () => void;
  discard: () => void;
  /** Puts it away, and leaves what is drawn. */
  forget: () => void;
}

/** @param block as it stands, without what is only shown */
export function usePasted<L extends LaidTable>(
  block: CheckedBlock,
  measure: Measure,
  commands: Commands,
  writing: Writing,
): Pasting<L> {
  const [pasted, setPasted] = useState<Pasted<L>>();

  function show(laid: L) {
    const { command, taken, untaken } = writeCells(block, laid.written, measure, writing);
    const issues = command ? commands.show(command) : [];
    const refused = issues.flatMap(({ message }): UntakenCell[] =>
      laid.written.slice(0, 1).map((each) => ({ ...each, problem: message })),
    );
    setPasted({ laid, taken: issues.length > 0 ? 0 : taken, untaken: [...untaken, ...refused] });
  }

  return {
    pasted,
    show,
    mend({ cell, suggestion }) {
      if (!pasted || suggestion === undefined) return;
      const written = pasted.laid.written.map((each) =>
        each.cell === cell ? { cell, text: suggestion } : each,
      );
      show({ ...pasted.laid, written });
    },
    take() {
      if (!pasted) return;
      const { command } = writeCells(block, pasted.laid.written, measure, writing);
      if (command && commands.run(command).length === 0) setPasted(undefined);
    },
    discard() {
      setPasted(undefined);
      commands.cancel();
    },
    forget: () => setPasted(undefined),
  };
}
