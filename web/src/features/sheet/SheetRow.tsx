import { equalAsJson } from '@nadir/core/base';
import type { ToldFinding } from '@nadir/core/present';
import { memo, type ReactNode } from 'react';
import { LevelMark } from '../../components/LevelMark.js';
import { StateMark } from '../../components/StateMark.js';
import { type RowView, DAYS, LONG_RUN, VOLUME } from './sheet-rows.js';
import { isNamedBeside } from './PhaseBand.js';
import styles from './Sheet.module.css';
import { type CellActs, Ran, type Said, GridCell } from './GridCell.js';
import * as wording from './wording.js';

interface RowProps {
  view: RowView;
  row: number;
  isFirstOfPhase: boolean;
  isNow: boolean;
  /** The column in hand; undefined where it is in another row. */
  at: number | undefined;
  /** Columns chosen in this row: first and last; undefined for none. */
  chosen: string | undefined;
  /** The column of the last chosen cell, where that is in this row. */
  corner: number | undefined;
  /** The same of what would be pasted. */
  pasted: string | undefined;
  typed: string | undefined;
  said: Said | undefined;
  /** What was found that is fixed from this row, as the block stands, and its fix. */
  standing: ToldFinding | undefined;
  fix: ReactNode;
  acts: CellActs;
}

/** A week of the sheet. */
function Row({
  view,
  row,
  isFirstOfPhase,
  isNow,
  at,
  chosen,
  corner,
  pasted,
  typed,
  said,
  standing,
  fix,
  acts,
}: RowProps) {
  const found = standing ?? view.worst;
  const inside = (range: string | undefined, column: number) => {
    const [from, to] = (range ?? '').split(' ').map(Number);
    return from !== undefined && to !== undefined && column >= from && column <= to;
  };
  const cell = (column: number) => (
    <GridCell
      key={column}
      view={view.cells[column]}
      reach={view.reach}
      row={row}
      column={column}
      isAt={at === column}
      isChosen={inside(chosen, column)}
      isCorner={corner === column}
      isPasted={inside(pasted, column)}
      typed={at === column ? typed : undefined}
      said={at === column ? said : undefined}
      acts={acts}
    />
  );
  const ranInAll = view.cells[VOLUME]?.ran;
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      className={styles.row}
      data-now={isNow}
      data-week={view.number}
    >
      <div role="rowheader" className={styles.week}>
        <b>{view.number}</b>
        <span className="muted">{view.toGo}</span>
        <span className={styles.dates}>
          {view.dates}
          {view.recovery ? (
            <i>
              <StateMark state={view.recoveryState} named />
              {wording.recovery}
            </i>
          ) : (
            isFirstOfPhase &&
            view.phase && (
              <i className={isNamedBeside(view.phase) ? 'visually-hidden' : styles.phase}>
                <StateMark state={view.phaseState} named /> {view.phase.name}
              </i>
            )
          )}
        </span>
      </div>
      {Array.from({ length: DAYS }, (_, column) => cell(column))}
      {cell(VOLUME)}
      <div role="gridcell" className={styles.change}>
        {view.change}
        {ranInAll && <Ran ran={ranInAll} />}
      </div>
      {cell(LONG_RUN)}
      <div role="gridcell" className={styles.notes}>
        {view.notes && <span>{view.notes}</span>}
        {found && (
          <span>
            <LevelMark level={found.level} size={12} /> {found.title}
            <span className="visually-hidden"> ({found.level})</span>
          </span>
        )}
        {standing && fix}
      </div>
    </div>
  );
}

/** The same, drawn again only when something of it changes: a key stroke lays out every week, and moves few. */
export const SheetRow = memo(Row, (old, next) => {
  const { view: was, ...others } = old;
  return (
    Object.entries(others).every(([name, value]) => next[name as keyof RowProps] === value) &&
    equalAsJson(was, next.view)
  );
});
