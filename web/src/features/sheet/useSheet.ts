import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import {
  type UntakenCell,
  writeCells,
  type Writing,
  type WrittenCell,
} from '@nadir/core/edit/sheet';
import { type ClipboardEvent, useState } from 'react';
import { useSay } from '../../components/messages.js';
import type { Commands } from '../../editor/useCommands.js';
import { type Pasting, usePasted } from '../../editor/usePasted.js';
import { COLUMNS, type RowView } from './sheet-rows.js';
import { readTable, writeTable } from '../../components/table-text.js';
import { type Laid, layTable, textsOf } from './written.js';
import { type Area, type SheetCursor, type Spot, useSheetCursor } from './useSheetCursor.js';
import * as wording from './wording.js';

/** The sheet in hand: where the cursor is, what is typed, what is pasted. */
export interface Sheet {
  cursor: SheetCursor;
  typed: string | undefined;
  /** What is wrong with what is typed. */
  problem: string | undefined;
  suggestion: string | undefined;
  pasting: Pasting<Laid>;
  open: (text?: string) => void;
  type: (text: string) => void;
  /** Keeps what is typed and goes on; false where it cannot be kept. */
  keep: (to?: Spot) => boolean;
  /** Leaves the cell: what was changed is kept where it can be, else put back. */
  leave: () => void;
  /** Keeps what is typed in all chosen cells. */
  keepInAll: () => void;
  drop: () => void;
  /** Writes the same in every chosen cell. */
  fill: (text: string) => void;
  fillDown: () => void;
  /** Goes on with what stands in an area, over and over, to the end of the one that is chosen. */
  fillOn: (from: Area) => void;
  copy: (event: ClipboardEvent) => void;
  paste: (event: ClipboardEvent) => void;
}

/**
 * @param block as it stands, without what is only shown
 * @param options the row the cursor begins in, and how cells are taken
 */
export function useSheet(
  block: CheckedBlock,
  rows: readonly RowView[],
  measure: Measure,
  commands: Commands,
  { first, ...writing }: { first: number } & Required<Writing>,
): Sheet {
  const say = useSay();
  const [typed, setTyped] = useState<string>();
  const [wrong, setWrong] = useState<Pick<UntakenCell, 'problem' | 'suggestion'>>();
  const pasting = usePasted<Laid>(block, measure, commands, writing);
  const cursor = useSheetCursor({ row: rows.length, column: COLUMNS }, { row: first, column: 0 });
  const { at, area } = cursor;
  const here = rows[at.row]?.cells[at.column];

  function close() {
    setTyped(undefined);
    setWrong(undefined);
    commands.cancel();
  }

  function open(text?: string) {
    if (!here) return;
    if (here.over) {
      say({ text: wording.isOver(here.name) });
      return;
    }
    pasting.forget();
    setTyped(text ?? here.source);
    if (text !== undefined) type(text);
  }

  function type(text: string) {
    setTyped(text);
    if (!here) return;
    const { command, untaken } = writeCells(block, [{ cell: here.cell, text }], measure, writing);
    const [issue] = command ? commands.show(command) : [];
    setWrong(issue ? { problem: issue.message } : untaken[0]);
    if (!command) commands.cancel();
  }

  /** Keeps what is written as one step; gives back what stands in its way, or was left out of it. */
  function run(written: readonly WrittenCell[]): { kept: boolean; left: UntakenCell | undefined } {
    const { command, untaken } = writeCells(block, written, measure, writing);
    const [issue] = command ? commands.run(command) : [];
    const [first] = written;
    const refused = issue && first && { ...first, problem: issue.message };
    return { kept: command !== undefined && !issue, left: refused ?? untaken[0] };
  }

  function keep(to?: Spot): boolean {
    if (typed === undefined || !here) return true;
    // A figure that is right already is fixed by keeping it.
    const { kept, left } = run([{ cell: here.cell, text: typed }]);
    setWrong(left);
    if (!kept) return false;
    setTyped(undefined);
    if (to) cursor.go(to);
    return true;
  }

  function write(table: readonly (readonly string[])[]) {
    pasting.forget();
    const { written } = layTable(rows, table, area);
    const { left } = written.length > 0 ? run(written) : {};
    if (left) say({ text: left.problem });
  }

  return {
    cursor,
    typed,
    problem: wrong?.problem,
    suggestion: wrong?.suggestion,
    pasting,
    open,
    type,
    keep,
    leave() {
      // Only looked at: nothing is fixed by going elsewhere.
      if (typed === here?.source || !keep()) close();
    },
    keepInAll() {
      if (typed === undefined) return;
      const text = typed;
      close();
      write([[text]]);
    },
    drop: close,
    fill: (text) => write([[text]]),
    fillDown() {
      const [first = []] = textsOf(rows, area);
      write(Array.from({ length: area.bottom - area.top + 1 }, () => first));
    },
    fillOn(from) {
      const texts = textsOf(rows, from);
      const many = area.bottom - area.top + 1;
      if (many <= texts.length) return;
      write(Array.from({ length: many }, (_, row) => texts[row % texts.length] ?? []));
    },
    copy(event) {
      const { html, text } = writeTable(textsOf(rows, area));
      event.clipboardData.setData('text/plain', text);
      event.clipboardData.setData('text/html', html);
      event.preventDefault();
      say({ text: wording.copiedAsATable });
    },
    paste(event) {
      event.preventDefault();
      const table = readTable({
        html: event.clipboardData.getData('text/html'),
        text: event.clipboardData.getData('text/plain'),
      });
      if (table.length > 0) pasting.show(layTable(rows, table, area));
    },
  };
}
