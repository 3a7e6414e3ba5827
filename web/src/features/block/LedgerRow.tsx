import type { CheckedBlock } from '@nadir/core';
import { memo } from 'react';
import type { Columns } from '../../drawing/columns.js';
import { type CellActions, LedgerCell } from './LedgerCell.js';
import styles from './Ledger.module.css';
import type { SheetRow } from '@nadir/core/present';
import { type AskedFigures, stateOf } from '@nadir/core/present/figures';

interface LedgerRowProps {
  row: SheetRow;
  block: CheckedBlock;
  asked: AskedFigures;
  columns: Columns;
  /** What its cells say, week after week. */
  texts: readonly string[];
  /** The week of the active cell, when it is in this row. */
  selected: number | undefined;
  chosen: readonly number[];
  lit: readonly number[];
  moved: readonly number[];
  over: readonly number[];
  /** What is being typed into the active cell. */
  typed: string | undefined;
  wrong: boolean;
  actions: CellActions;
}

/** One row of figures, drawn again only when one of them or its marks change. */
export const LedgerRow = memo(function LedgerRow(props: LedgerRowProps) {
  const { row, block, asked, columns, texts, selected, chosen, lit, over, moved, actions } = props;
  return (
    <div
      role="row"
      className={styles.row}
      style={{
        gridTemplateColumns: `${columns.labels}px repeat(${columns.weeks}, minmax(0, 1fr))`,
      }}
    >
      <div role="rowheader" className={styles.label} data-strong={row.strong === true}>
        {row.label}
      </div>
      {block.weeks.map((week, index) => {
        const here = week.number === selected;
        return (
          <LedgerCell
            key={week.number}
            rowKey={row.key}
            label={row.label}
            header={row.key === 'week'}
            pins={over.includes(week.number) ? undefined : row.pins}
            over={over.includes(week.number)}
            strong={row.strong === true}
            week={week.number}
            text={texts[index] ?? ''}
            state={stateOf(week, row.pins, asked)}
            active={here}
            edge={edgeOf(week.number, chosen)}
            lit={lit.includes(week.number)}
            moved={row.pins !== undefined && moved.includes(week.number)}
            typed={here ? props.typed : undefined}
            wrong={here && props.wrong}
            actions={actions}
          />
        );
      })}
    </div>
  );
}, saysTheSame);

/** Rows and blocks are made anew with every change; what they say mostly stays. */
function saysTheSame(before: LedgerRowProps, after: LedgerRowProps): boolean {
  const { row, block, asked, texts, ...rest } = after;
  const same = Object.entries(rest).every(([key, value]) =>
    Object.is(value, before[key as keyof typeof rest]),
  );
  return (
    same &&
    before.row.key === row.key &&
    before.row.label === row.label &&
    before.texts.length === texts.length &&
    texts.every((text, index) => text === before.texts[index]) &&
    block.weeks.every((week, index) => {
      const was = before.block.weeks[index];
      return was && stateOf(was, row.pins, before.asked) === stateOf(week, row.pins, asked);
    })
  );
}

/** Which sides of a chosen run of weeks a week stands at. */
function edgeOf(week: number, chosen: readonly number[]): 'none' | 'left' | 'right' | 'both' {
  const left = week === chosen[0];
  const right = week === chosen.at(-1);
  return left && right ? 'both' : left ? 'left' : right ? 'right' : 'none';
}
