import { memo } from 'react';
import { token } from '../../theme/tokens.js';
import type { PinField } from '@nadir/core/edit';

/** What a cell may ask for; the same functions for as long as the Ledger lives. */
export interface CellActions {
  go: (rowKey: string, week: number, extend: boolean) => void;
  open: (rowKey: string, week: number) => void;
  type: (text: string) => void;
  leave: () => void;
  /** Why a figure is what it is; asked for when it is pointed at, not for every cell at every stroke. */
  why: (rowKey: string, week: number) => string;
}

interface LedgerCellProps {
  rowKey: string;
  label: string;
  pins: PinField | undefined;
  strong: boolean;
  /** History: as it was handed out. */
  over: boolean;
  week: number;
  text: string;
  pinned: boolean;
  active: boolean;
  /** The sides at which the chosen weeks end here. */
  edge: 'none' | 'left' | 'right' | 'both';
  lit: boolean;
  /** What is being typed; undefined when nothing is. */
  typed: string | undefined;
  wrong: boolean;
  last: boolean;
  actions: CellActions;
}

/** One figure under its own week; drawn again only when something of it changes. */
export const LedgerCell = memo(function LedgerCell(props: LedgerCellProps) {
  const { rowKey, label, pins, strong, over, week, text, pinned, active, edge, lit, typed } = props;
  const { actions } = props;
  const line = `1.25px solid ${token('ink')}`;
  const none = '1.25px solid transparent';
  const name = `Week ${week}, ${label}: ${text || 'none'}${pinned ? ', pinned' : ''}${over ? ', over' : ''}`;
  return (
    <div
      role="gridcell"
      aria-label={name}
      aria-selected={active}
      aria-readonly={pins === undefined}
      data-row={rowKey}
      data-week={week}
      tabIndex={active && typed === undefined ? 0 : -1}
      onMouseEnter={(event) => {
        event.currentTarget.title = actions.why(rowKey, week);
      }}
      onClick={(event) => actions.go(rowKey, week, event.shiftKey)}
      onFocus={active ? undefined : () => actions.go(rowKey, week, false)}
      onDoubleClick={() => actions.open(rowKey, week)}
      style={{
        textAlign: 'right',
        paddingRight: 5,
        fontWeight: strong ? 600 : 400,
        color: token(strong || over ? 'ink' : 'muted'),
        backgroundColor: lit ? token('lit') : over ? token('panel') : undefined,
        cursor: pins ? 'text' : 'default',
        borderLeft: edge === 'left' || edge === 'both' ? line : none,
        borderRight: edge === 'right' || edge === 'both' ? line : none,
        borderBottom: props.last ? (edge === 'none' ? none : line) : undefined,
        overflow: typed === undefined ? 'hidden' : 'visible',
        whiteSpace: 'nowrap',
      }}
    >
      {typed === undefined ? (
        <>
          {pinned && (
            <svg
              width={8}
              height={8}
              viewBox="0 0 8 8"
              aria-hidden="true"
              style={{ marginRight: 2 }}
            >
              <path d="M4 0.5L7.8 7.5H0.2Z" fill={token('ink')} />
            </svg>
          )}
          {text}
        </>
      ) : (
        <input
          autoFocus
          aria-label={`Pin week ${week}, ${label}`}
          aria-invalid={props.wrong}
          value={typed}
          inputMode="decimal"
          onChange={(event) => actions.type(event.target.value)}
          onBlur={() => actions.leave()}
          style={{
            width: '100%',
            height: 17,
            padding: 0,
            border: 0,
            outline: `2px solid ${token('signal')}`,
            background: token('paper'),
            color: token('ink'),
            font: 'inherit',
            textAlign: 'right',
          }}
        />
      )}
    </div>
  );
});
