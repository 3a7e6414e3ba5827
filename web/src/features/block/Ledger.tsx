import { type Problem, parseAmount, unitName } from '@nadir/core';
import { type KeyboardEvent, memo, useEffect, useMemo, useRef, useState } from 'react';
import { token } from '../../look/tokens.js';
import { type Columns, columnWidth } from '../../drawing/columns.js';
import type { LaidAndShown } from '../../parts/useLaidBlock.js';
import { LedgerCell } from './LedgerCell.js';
import { type PinField, ledgerRows } from './ledger-rows.js';

/** Typing a pin: what it would do is asked for at every key stroke. */
export interface Pinning {
  /** Draws the pin without keeping it; gives back what stands in its way. */
  preview: (week: number, field: PinField, amount: number | undefined) => Problem[];
  keep: (week: number, field: PinField, amount: number) => Problem[];
  unpin: (week: number, field: PinField) => void;
  cancel: () => void;
}

interface LedgerProps extends LaidAndShown {
  columns: Columns;
  selected: number;
  lit: readonly number[];
  onSelect: (week: number) => void;
  pinning: Pinning;
}

const NARROW_COLUMN = 40;

/**
 * The numbers of a block, column under column: the keyboard's home. Arrows
 * move, typing pins, Enter keeps, Escape drops, Delete unpins.
 */
export const Ledger = memo(function Ledger(props: LedgerProps) {
  const { block, shown, columns, selected, lit, onSelect, pinning } = props;
  const narrow = columnWidth(columns) < NARROW_COLUMN;
  const rows = useMemo(() => ledgerRows(block, shown, narrow), [block, shown, narrow]);
  const [row, setRow] = useState(3);
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const grid = useRef<HTMLDivElement>(null);
  const moved = useRef(false);

  const active = rows[row];
  const week = block.weeks[selected - 1];

  useEffect(() => {
    if (typed !== undefined || !moved.current) return;
    grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [row, selected, typed]);

  function go(toRow: number, toWeek: number) {
    moved.current = true;
    setRow(Math.min(rows.length - 1, Math.max(0, toRow)));
    onSelect(Math.min(block.weeks.length, Math.max(1, toWeek)));
  }

  function type(text: string) {
    setTyped(text);
    if (!active?.pins || !week) return;
    const amount = parseAmount(text, shown.measure);
    if (amount === undefined) {
      setProblem(
        text.trim() === ''
          ? undefined
          : `“${text}” is no amount: type ${unitName(shown.measure)}, such as 42 or 42.5.`,
      );
      pinning.cancel();
      return;
    }
    setProblem(pinning.preview(week.number, active.pins, amount)[0]?.message);
  }

  function finish(toWeek = selected) {
    const amount = parseAmount(typed ?? '', shown.measure);
    if (!active?.pins || !week) return;
    if (amount === undefined) {
      if ((typed ?? '').trim() !== '') return;
      drop();
      return;
    }
    const [refusal] = pinning.keep(week.number, active.pins, amount);
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
    if (step) go(...step);
    else if (active?.pins && /^[\d]$/.test(event.key)) type(event.key);
    else if (active?.pins && (event.key === 'Enter' || event.key === 'F2')) {
      setTyped(week ? active.text(week, selected - 1).replace('race', '') : '');
    } else if (active?.pins && (event.key === 'Delete' || event.key === 'Backspace')) {
      pinning.unpin(selected, active.pins);
    } else return;
    event.preventDefault();
  }

  const why = week && active?.why?.(week);
  return (
    <div>
      <div
        ref={grid}
        role="grid"
        aria-label="Ledger. Arrows move; type a figure to pin it; Delete unpins."
        aria-rowcount={rows.length}
        aria-colcount={block.weeks.length + 1}
        onKeyDown={onKeyDown}
        style={{ width: columns.width, fontSize: 13 }}
      >
        {rows.map((each, rowIndex) => (
          <div
            key={each.key}
            role="row"
            style={{
              display: 'grid',
              gridTemplateColumns: `${columns.labels}px repeat(${columns.weeks}, minmax(0, 1fr))`,
              borderBottom: `1px solid ${token('hairline')}`,
              lineHeight: '19px',
            }}
          >
            <div
              role="rowheader"
              style={{
                color: token(each.strong ? 'ink' : 'muted'),
                fontWeight: each.strong ? 600 : 400,
                whiteSpace: 'nowrap',
              }}
            >
              {each.label}
            </div>
            {block.weeks.map((cellWeek, index) => {
              const here = rowIndex === row && cellWeek.number === selected;
              return (
                <LedgerCell
                  key={cellWeek.number}
                  row={each}
                  week={cellWeek}
                  text={each.text(cellWeek, index)}
                  active={here}
                  selected={cellWeek.number === selected}
                  lit={lit.includes(cellWeek.number)}
                  typed={here ? typed : undefined}
                  wrong={here && problem !== undefined}
                  last={rowIndex === rows.length - 1}
                  onGo={() => go(rowIndex, cellWeek.number)}
                  onOpen={() =>
                    each.pins && setTyped(each.text(cellWeek, index).replace('race', ''))
                  }
                  onType={type}
                  onLeave={() => (problem === undefined ? finish() : drop())}
                />
              );
            })}
          </div>
        ))}
      </div>
      <p
        role={problem ? 'alert' : undefined}
        aria-live="polite"
        style={{
          margin: 0,
          minHeight: 20,
          fontSize: 12.5,
          lineHeight: '20px',
          color: token(problem ? 'signal' : 'muted'),
        }}
      >
        {problem ?? (why && `Week ${selected}, ${active?.label.split(',')[0]}: ${why}`)}
      </p>
    </div>
  );
});
