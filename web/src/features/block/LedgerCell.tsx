import type { Week } from '@nadir/core';
import { token } from '../../look/tokens.js';
import type { LedgerRow } from './ledger-rows.js';

interface LedgerCellProps {
  row: LedgerRow;
  week: Week;
  text: string;
  active: boolean;
  selected: boolean;
  lit: boolean;
  /** What is being typed; undefined when nothing is. */
  typed: string | undefined;
  wrong: boolean;
  last: boolean;
  onGo: () => void;
  onOpen: () => void;
  onType: (text: string) => void;
  onLeave: () => void;
}

/** One figure under its own week; the one that is typed in holds a field. */
export function LedgerCell(props: LedgerCellProps) {
  const { row, week, text, active, selected, lit, typed, wrong, last } = props;
  const pinned =
    (row.pins === 'volume' && week.volumeRule === 'pin') ||
    (row.pins === 'longRun' && week.longRunRule === 'pin');
  const edge = selected ? `1.25px solid ${token('ink')}` : '1.25px solid transparent';
  const name = `Week ${week.number}, ${row.label}: ${text || 'none'}${pinned ? ', pinned' : ''}`;
  return (
    <div
      role="gridcell"
      aria-label={name}
      aria-selected={active}
      aria-readonly={row.pins === undefined}
      data-row={row.key}
      data-week={week.number}
      tabIndex={active && typed === undefined ? 0 : -1}
      title={row.why?.(week)}
      onClick={props.onGo}
      onFocus={active ? undefined : props.onGo}
      onDoubleClick={props.onOpen}
      style={{
        textAlign: 'right',
        paddingRight: 5,
        fontWeight: row.strong ? 600 : 400,
        color: token(row.strong ? 'ink' : 'muted'),
        backgroundColor: lit ? token('lit') : undefined,
        cursor: row.pins ? 'text' : 'default',
        borderLeft: edge,
        borderRight: edge,
        borderBottom: last ? edge : undefined,
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
          aria-label={`Pin week ${week.number}, ${row.label}`}
          aria-invalid={wrong}
          value={typed}
          inputMode="decimal"
          onChange={(event) => props.onType(event.target.value)}
          onBlur={props.onLeave}
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
}
