import Button from '@mui/material/Button';
import { quantum } from '@nadir/core/base';
import { parseAmount } from '@nadir/core/base/format';
import type { SheetRow } from '@nadir/core/present';
import type { AskedFigures } from '@nadir/core/present/figures';
import type { Issue } from '@nadir/core/spec';
import {
  type ClipboardEvent,
  type KeyboardEvent,
  memo,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { DownIcon, UpIcon } from '../../theme/icons.js';
import { type Columns, columnWidth } from '../../drawing/columns.js';
import { useSay } from '../../components/messages.js';
import { StateKey } from '../../components/StateMark.js';
import { readTable, writeTable } from '../../components/table-text.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { OverlayBlock } from '../../drawing/Overlay.js';
import type { CellActions } from './LedgerCell.js';
import styles from './Ledger.module.css';
import { LedgerRow } from './LedgerRow.js';
import type { PinField } from '@nadir/core/edit';
import type { LaidTable } from '../../editor/usePasted.js';
import { ledgerRows } from './ledger-rows.js';
import { layLedgerTable, ledgerTable } from './ledger-table.js';
import * as wording from './wording.js';

/** Typing a pin: what it would do is asked for at every key stroke. */
export interface Pinning {
  /** Draws the pin without keeping it; gives back what stands in its way. */
  preview: (week: number, field: PinField, amount: number | undefined) => Issue[];
  keep: (week: number, field: PinField, amount: number) => Issue[];
  /** The same of what is said in words: `+10%`, `=`, `r`, `32 (last 14 @ marathon)`. */
  write: (week: number, field: PinField, text: string, how: 'show' | 'keep') => Issue[];
  unpin: (week: number, field: PinField) => void;
  cancel: () => void;
}

interface LedgerProps extends LaidAndShown {
  /** Aims that the coach named in the plan. */
  asked: AskedFigures;
  columns: Columns;
  selected: number;
  /** All the weeks in hand. */
  chosen: readonly number[];
  lit: readonly number[];
  /** Weeks that a change has just moved. */
  moved?: readonly number[];
  /** Weeks that are over: their figures are history. */
  over?: readonly number[];
  /** Another version, whose figures stand under this one's. */
  overlay?: OverlayBlock | undefined;
  /** Rows of what was run. */
  diary?: readonly SheetRow[] | undefined;
  onSelect: (week: number, extend: boolean) => void;
  pinning: Pinning;
  /** Draws a table from the clipboard over the block. */
  onPaste: (laid: LaidTable) => void;
  /** How many rows are open, and how the coach has it otherwise. */
  open: 'four' | 'all';
  onOpen: (rows: 'four' | 'all') => void;
  /** The first figure is in focus when the Ledger opens. */
  focusFirst?: boolean;
}

const NARROW_COLUMN = 40;
const NONE: readonly number[] = [];
/** Keys that would change a figure. */
const WRITING = /^([\d+-]|Enter|F2|Delete|Backspace)$/;

function overWords(week: number): string {
  return wording.weekIsOver(week);
}

/**
 * The numbers of a block, column under column: the keyboard's home. Arrows
 * move, typing fixes, Enter keeps, Escape drops, Delete frees.
 */
export const Ledger = memo(function Ledger(props: LedgerProps) {
  const { block, shown, columns, selected, chosen, lit, overlay, diary, onSelect, pinning } = props;
  const over = props.over ?? NONE;
  const narrow = columnWidth(columns) < NARROW_COLUMN;
  const all = useMemo(
    () => ledgerRows(block, shown, { narrow, overlay, diary }),
    [block, shown, narrow, overlay, diary],
  );
  const rows = props.open === 'all' ? all : all.filter(({ key }) => isAlwaysOpen(key));
  const [rowKey, setRowKey] = useState('volume');
  const row = Math.max(
    0,
    rows.findIndex(({ key }) => key === rowKey),
  );
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const say = useSay();
  const grid = useRef<HTMLDivElement>(null);
  const moved = useRef(props.focusFirst === true);

  const active = rows[row];
  const week = block.weeks[selected - 1];
  const pins = over.includes(selected) ? undefined : active?.pins;

  useEffect(() => {
    if (typed !== undefined || !moved.current) return;
    grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [rowKey, selected, typed]);

  function go(toRow: number, toWeek: number, extend = false) {
    moved.current = true;
    setProblem(undefined);
    setRowKey(rows[Math.min(rows.length - 1, Math.max(0, toRow))]?.key ?? 'volume');
    onSelect(Math.min(block.weeks.length, Math.max(1, toWeek)), extend);
  }

  /** One shown step more or less, pinned at once. */
  function nudge(by: number) {
    if (!pins || !week) return;
    const steps = Math.max(0, (shown.weeks[selected - 1]?.[pins] ?? 0) + by);
    const amount = steps * quantum(shown.measure);
    setProblem(pinning.keep(week.number, pins, amount)[0]?.message);
  }

  function type(text: string) {
    setTyped(text);
    if (!pins || !week) return;
    const amount = parseAmount(text, shown.measure);
    if (amount === undefined) {
      if (text.trim() === '') pinning.cancel();
      const said = text.trim() === '' ? [] : pinning.write(week.number, pins, text, 'show');
      setProblem(said[0]?.message);
      return;
    }
    setProblem(pinning.preview(week.number, pins, amount)[0]?.message);
  }

  function finish(toWeek = selected) {
    const amount = parseAmount(typed ?? '', shown.measure);
    if (!pins || !week) return;
    if (amount === undefined && (typed ?? '').trim() === '') {
      drop();
      return;
    }
    const [refusal] =
      amount === undefined
        ? pinning.write(week.number, pins, typed ?? '', 'keep')
        : pinning.keep(week.number, pins, amount);
    if (refusal) {
      setProblem(refusal.message);
      return;
    }
    close();
    go(row, toWeek);
  }

  function drop() {
    pinning.cancel();
    close();
  }

  function close() {
    moved.current = true;
    setTyped(undefined);
    setProblem(undefined);
  }

  function onKeyDown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (typed !== undefined) {
      if (event.key === 'Enter') finish();
      else if (event.key === 'Tab') finish(selected + (event.shiftKey ? -1 : 1));
      else if (event.key === 'Escape') drop();
      else return;
      event.preventDefault();
      return;
    }
    const steps: Record<string, [number, number]> = {
      ArrowUp: [row - 1, selected],
      ArrowDown: [row + 1, selected],
      ArrowLeft: [row, selected - 1],
      ArrowRight: [row, selected + 1],
      Home: [row, 1],
      End: [row, block.weeks.length],
    };
    const step = steps[event.key];
    if (step) go(...step, event.shiftKey);
    else if (active?.pins && !pins && WRITING.test(event.key)) setProblem(overWords(selected));
    else if (event.key === '+' || event.key === '-') nudge(event.key === '+' ? 1 : -1);
    else if (pins && /^[\d=r]$/.test(event.key)) type(event.key);
    else if (pins && (event.key === 'Enter' || event.key === 'F2')) {
      setTyped(week ? active?.text(week, selected - 1).replace('race', '') : '');
    } else if (pins && (event.key === 'Delete' || event.key === 'Backspace')) {
      pinning.unpin(selected, pins);
    } else return;
    event.preventDefault();
  }

  function onCopy(event: ClipboardEvent) {
    if (typed !== undefined || !active) return;
    const { html, text } = writeTable(ledgerTable(block, rows, active, chosen));
    event.clipboardData.setData('text/plain', text);
    event.clipboardData.setData('text/html', html);
    event.preventDefault();
    say({ text: wording.copiedAsATable });
  }

  function onPaste(event: ClipboardEvent) {
    if (typed !== undefined) return;
    event.preventDefault();
    const table = readTable({
      html: event.clipboardData.getData('text/html'),
      text: event.clipboardData.getData('text/plain'),
    });
    if (table.length === 0) return;
    const texts = (field: PinField, number: number) => {
      const of = block.weeks[number - 1];
      return of ? (rows.find((each) => each.pins === field)?.text(of, number - 1) ?? '') : '';
    };
    const from = { field: active?.pins ?? 'volume', week: chosen[0] ?? selected, texts };
    props.onPaste(layLedgerTable(block.weeks.length, rows, from, table));
  }

  const actions = useRef<CellActions>(undefined);
  useEffect(() => {
    actions.current = {
      go: (key, toWeek, extend) =>
        go(
          rows.findIndex((each) => each.key === key),
          toWeek,
          extend,
        ),
      open: (key, toWeek) => {
        const opened = rows.find((each) => each.key === key);
        const of = block.weeks[toWeek - 1];
        if (opened?.pins && of && over.includes(toWeek)) setProblem(overWords(toWeek));
        else if (opened?.pins && of) setTyped(opened.text(of, toWeek - 1).replace('race', ''));
      },
      type,
      leave: () => (problem === undefined ? finish() : drop()),
    };
  });
  const cellActions = useMemo(
    (): CellActions => ({
      go: (...to) => actions.current?.go(...to),
      open: (...to) => actions.current?.open(...to),
      type: (text) => actions.current?.type(text),
      leave: () => actions.current?.leave(),
    }),
    [],
  );

  const why = week && active?.why?.(week);
  const hidden = all.length - rows.length;
  return (
    <div className={styles.whole}>
      <div
        ref={grid}
        role="grid"
        className={styles.ledger}
        aria-label={wording.ledgerArrowsMoveTypeAFigure}
        aria-rowcount={rows.length}
        aria-colcount={block.weeks.length + 1}
        onKeyDown={onKeyDown}
        onCopy={onCopy}
        onPaste={onPaste}
        style={{ width: columns.width }}
      >
        {rows.map((each, index) => (
          <LedgerRow
            key={each.key}
            row={each}
            block={block}
            asked={props.asked}
            columns={columns}
            texts={block.weeks.map((of, place) => each.text(of, place))}
            selected={index === row ? selected : undefined}
            chosen={chosen}
            lit={lit}
            moved={props.moved ?? NONE}
            over={over}
            typed={index === row ? typed : undefined}
            wrong={index === row && problem !== undefined}
            actions={cellActions}
          />
        ))}
      </div>
      <div className={styles.below}>
        <Button
          aria-expanded={props.open === 'all'}
          startIcon={props.open === 'all' ? <UpIcon /> : <DownIcon />}
          onClick={() => props.onOpen(props.open === 'all' ? 'four' : 'all')}
        >
          {props.open === 'all' ? wording.fewerRows : wording.moreRows(hidden)}
        </Button>
        <p role={problem ? 'alert' : undefined} aria-live="polite">
          {problem ??
            (why && `Week ${selected}, ${active?.label.split(',')[0]?.toLowerCase()}: ${why}`)}
        </p>
        <span className={styles.key}>
          <StateKey />
        </span>
      </div>
    </div>
  );
});

/** What a coach always sees of a week; the rest is behind a button. */
function isAlwaysOpen(key: string): boolean {
  return ['week', 'start', 'volume', 'longRun'].includes(key) || key.endsWith('-overlay');
}
