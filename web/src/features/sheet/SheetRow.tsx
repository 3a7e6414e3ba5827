import { memo } from 'react';
import { LevelMark } from '../../components/LevelMark.js';
import { StateMark } from '../../components/StateMark.js';
import { type CellView, type RowView, DAYS, LONG_RUN, VOLUME } from './sheet-rows.js';
import styles from './Sheet.module.css';
import type { Spot } from './useSheetCursor.js';
import * as wording from './wording.js';

/** What cells ask for; the same object for as long as the sheet lives. */
export interface CellActs {
  go: (to: Spot, extend: boolean) => void;
  open: (at: Spot) => void;
  /** Begins to pull what is chosen on downwards. */
  pull: () => void;
  type: (text: string) => void;
  leave: () => void;
}

/** A week of the sheet; drawn again only when something of it changes. */
export const SheetRow = memo(function SheetRow({
  view,
  row,
  isFirstOfPhase,
  isNow,
  at,
  chosen,
  corner,
  pasted,
  typed,
  problem,
  acts,
}: {
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
  problem: string | undefined;
  acts: CellActs;
}) {
  const inside = (range: string | undefined, column: number) => {
    const [from, to] = (range ?? '').split(' ').map(Number);
    return from !== undefined && to !== undefined && column >= from && column <= to;
  };
  const cell = (column: number) => (
    <Cell
      key={column}
      view={view.cells[column]}
      row={row}
      column={column}
      isAt={at === column}
      isChosen={inside(chosen, column)}
      isCorner={corner === column}
      isPasted={inside(pasted, column)}
      typed={at === column ? typed : undefined}
      problem={at === column ? problem : undefined}
      acts={acts}
    />
  );
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      className={styles.row}
      data-phase={isFirstOfPhase}
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
            isFirstOfPhase && (
              <i className={styles.phase}>
                <StateMark state={view.phaseState} named /> {view.phase}
              </i>
            )
          )}
        </span>
      </div>
      {Array.from({ length: DAYS }, (_, column) => cell(column))}
      {cell(VOLUME)}
      <div role="gridcell" className={styles.change}>
        {view.change}
      </div>
      {cell(LONG_RUN)}
      <div role="gridcell" className={styles.notes}>
        {view.notes && <span>{view.notes}</span>}
        {view.worst && (
          <span>
            <LevelMark level={view.worst.level} size={12} /> {view.worst.title}
            <span className="visually-hidden"> ({view.worst.level})</span>
          </span>
        )}
      </div>
    </div>
  );
});

function Cell({
  view,
  row,
  column,
  isAt,
  isChosen,
  isCorner,
  isPasted,
  typed,
  problem,
  acts,
}: {
  view: CellView | undefined;
  row: number;
  column: number;
  isAt: boolean;
  isChosen: boolean;
  isCorner: boolean;
  isPasted: boolean;
  typed: string | undefined;
  problem: string | undefined;
  acts: CellActs;
}) {
  const spot = { row, column };
  if (!view)
    return <div role="gridcell" aria-label={wording.outsideTheBlock} className={styles.none} />;
  const { figure, words, ran, name, state, over, weight } = view;
  const marked = state !== 'worked-out' && state;
  return (
    <div
      role="gridcell"
      className={styles.cell}
      aria-label={[
        `${name}: ${figure}`,
        words,
        ran && wording.run(ran),
        marked,
        over && wording.over,
        wording.weights[weight],
      ]
        .filter(Boolean)
        .join(', ')}
      aria-selected={isChosen}
      aria-readonly={over}
      data-column={column}
      data-weight={weight}
      data-over={over}
      data-chosen={isChosen}
      data-pasted={isPasted}
      data-at={isAt}
      tabIndex={isAt && typed === undefined ? 0 : -1}
      onMouseDown={(event) => acts.go(spot, event.shiftKey)}
      onMouseEnter={(event) => {
        if (event.buttons === 1 && typed === undefined) acts.go(spot, true);
      }}
      onDoubleClick={() => acts.open(spot)}
    >
      {typed === undefined ? (
        <>
          <span className={styles.figures}>
            <span className={styles.figure}>
              <StateMark state={state} />
              {figure}
            </span>
            {ran && <span className={styles.ran}>{ran}</span>}
          </span>
          {words && <span className={styles.words}>{words}</span>}
          {isCorner && (
            <span
              className={styles.pull}
              data-pull
              aria-hidden="true"
              onMouseDown={(event) => {
                event.stopPropagation();
                event.preventDefault();
                acts.pull();
              }}
            />
          )}
        </>
      ) : (
        <div className={styles.typing}>
          <input
            autoFocus
            aria-label={wording.write(name)}
            aria-invalid={problem !== undefined}
            aria-describedby="sheet-says"
            value={typed}
            spellCheck={false}
            onChange={({ target }) => acts.type(target.value)}
            onBlur={() => acts.leave()}
          />
        </div>
      )}
    </div>
  );
}
