import { memo } from 'react';
import type { PinField } from '@nadir/core/edit';
import type { FigureState } from '@nadir/core/present/figures';
import { StateMark } from '../../components/StateMark.js';
import styles from './Ledger.module.css';
import * as wording from './wording.js';

/** What a cell may ask for; the same functions for as long as the Ledger lives. */
export interface CellActions {
  go: (rowKey: string, week: number, extend: boolean) => void;
  open: (rowKey: string, week: number) => void;
  type: (text: string) => void;
  leave: () => void;
}

interface LedgerCellProps {
  rowKey: string;
  label: string;
  /** The row that heads the columns. */
  header: boolean;
  pins: PinField | undefined;
  strong: boolean;
  /** History: as it was handed out. */
  over: boolean;
  week: number;
  text: string;
  state: FigureState;
  active: boolean;
  /** The sides at which the chosen weeks end here. */
  edge: 'none' | 'left' | 'right' | 'both';
  lit: boolean;
  /** A change has just moved it. */
  moved: boolean;
  /** What is being typed; undefined when nothing is. */
  typed: string | undefined;
  wrong: boolean;
  actions: CellActions;
}

/** One figure under its own week; drawn again only when something of it changes. */
export const LedgerCell = memo(function LedgerCell(props: LedgerCellProps) {
  const { rowKey, label, header, pins, strong, over, week, text, state, active, edge, lit, typed } =
    props;
  const { actions, moved } = props;
  const name = wording.week({
    week,
    label: label.toLowerCase(),
    text: text || wording.none,
    state: state === 'worked-out' ? '' : `, ${state}`,
    isOver: over ? wording.over : '',
  });
  return (
    <div
      role={header ? 'columnheader' : 'gridcell'}
      className={styles.cell}
      aria-label={name}
      aria-selected={header ? undefined : active}
      aria-readonly={header ? undefined : pins === undefined}
      data-row={rowKey}
      data-week={week}
      data-strong={strong}
      data-over={over}
      data-lit={lit}
      data-moved={moved}
      data-pins={pins !== undefined}
      data-left={edge === 'left' || edge === 'both'}
      data-right={edge === 'right' || edge === 'both'}
      data-typed={typed !== undefined}
      tabIndex={active && typed === undefined ? 0 : -1}
      onClick={(event) => actions.go(rowKey, week, event.shiftKey)}
      onFocus={active ? undefined : () => actions.go(rowKey, week, false)}
      onDoubleClick={() => actions.open(rowKey, week)}
    >
      {typed === undefined ? (
        <>
          <StateMark state={state} />
          {text}
        </>
      ) : (
        <input
          autoFocus
          aria-label={wording.fixWeek(week, label.toLowerCase())}
          aria-invalid={props.wrong}
          value={typed}
          inputMode="decimal"
          onChange={(event) => actions.type(event.target.value)}
          onBlur={() => actions.leave()}
        />
      )}
    </div>
  );
});
