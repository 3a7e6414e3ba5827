import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import type { ToldFinding } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
import {
  type CSSProperties,
  type KeyboardEvent,
  type ReactNode,
  useEffect,
  useId,
  useMemo,
  useRef,
} from 'react';
import { Hatches } from '../../drawing/hatches.js';
import { PhaseBand } from './PhaseBand.js';
import type { CellActs, Said } from './GridCell.js';
import { SheetRow } from './SheetRow.js';
import { type CellView, COLUMNS, columnWeights, DAYS, type RowView } from './sheet-rows.js';
import styles from './Sheet.module.css';
import type { Sheet } from './useSheet.js';
import type { Area } from './useSheetCursor.js';
import * as wording from './wording.js';

/** Where keys lead from a cell. */
const STEPS: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  PageUp: [-8, 0],
  PageDown: [8, 0],
};

/** Weeks down, days across: read, typed and pasted like a table of one's own. */
export function SheetGrid({
  rows,
  shown,
  weekdays,
  now,
  sheet,
  fixes,
}: {
  rows: readonly RowView[];
  shown: ShownBlock;
  /** From the first day of a row on. */
  weekdays: readonly string[];
  /** The week that is run; undefined outside the block. */
  now: number | undefined;
  sheet: Sheet;
  /** What is fixed from a week’s row, and how; undefined while a cell is written: checks are told as they would be then. */
  fixes: ReadonlyMap<number, { finding: ToldFinding; fix: ReactNode }> | undefined;
}) {
  const { cursor, typed, pasting } = sheet;
  const { pasted } = pasting;
  const { at, area } = cursor;
  const grid = useRef<HTMLDivElement>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (typed !== undefined || !moved.current) return;
    grid.current?.querySelector<HTMLElement>('[role="gridcell"][tabindex="0"]')?.focus();
  }, [at, typed]);

  const go: typeof cursor.go = (to, extend) => {
    moved.current = true;
    cursor.go(to, extend);
  };

  function onTyping(event: KeyboardEvent) {
    const by = event.shiftKey ? -1 : 1;
    moved.current = true;
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) sheet.keepInAll();
    else if (event.key === 'Enter') sheet.keep({ row: at.row + by, column: at.column });
    else if (event.key === 'Tab') sheet.keep({ row: at.row, column: at.column + by });
    else if (event.key === 'Escape') sheet.drop();
    else if (event.key === 'ArrowDown' && sheet.suggestion !== undefined)
      sheet.type(sheet.suggestion);
    else return;
    event.preventDefault();
  }

  function onKeyDown(event: KeyboardEvent) {
    const { key, shiftKey } = event;
    const control = event.ctrlKey || event.metaKey;
    if (typed !== undefined) {
      onTyping(event);
      return;
    }
    const step = STEPS[key];
    if (key === 'Escape' && pasted) pasting.discard();
    else if (key === 'Enter' && control && pasted) pasting.take();
    else if (control && key.toLowerCase() === 'd') sheet.fillDown();
    else if (control && key.toLowerCase() === 'a') {
      cursor.go({ row: 0, column: 0 });
      cursor.go({ row: rows.length - 1, column: COLUMNS - 1 }, true);
    } else if (control && (key === 'Home' || key === 'End')) {
      go(
        key === 'Home' ? { row: 0, column: 0 } : { row: rows.length - 1, column: COLUMNS - 1 },
        shiftKey,
      );
    } else if (control || event.altKey) return;
    else if (step) go({ row: at.row + step[0], column: at.column + step[1] }, shiftKey);
    else if (key === 'Home') go({ row: at.row, column: 0 }, shiftKey);
    else if (key === 'End') go({ row: at.row, column: COLUMNS - 1 }, shiftKey);
    else if (key === 'Enter' || key === 'F2') sheet.open();
    else if (key === 'Delete' || key === 'Backspace') sheet.fill('');
    else if (key.length === 1 && key !== ' ') sheet.open(key);
    else return;
    event.preventDefault();
  }

  const hatches = useId();
  const latest = useRef<CellActs & { drop: () => void }>(undefined);
  /** What is pulled on downwards by the mouse. */
  const pulled = useRef<Area>(undefined);
  useEffect(() => {
    latest.current = {
      pull() {
        pulled.current = area;
        cursor.go({ row: area.top, column: area.left });
        cursor.go({ row: area.bottom, column: area.right }, true);
        window.addEventListener('mouseup', () => latest.current?.drop(), { once: true });
      },
      drop() {
        const from = pulled.current;
        pulled.current = undefined;
        if (from) sheet.fillOn(from);
      },
      go: (to, extend) => {
        const from = pulled.current;
        if (from) {
          cursor.go({ row: Math.max(to.row, from.bottom), column: from.right }, true);
          return;
        }
        moved.current = true;
        sheet.leave();
        cursor.go(to, extend);
      },
      open: () => sheet.open(),
      type: sheet.type,
      leave: sheet.leave,
    };
  });
  const acts = useMemo(
    (): CellActs => ({
      go: (...to) => latest.current?.go(...to),
      open: (spot) => latest.current?.open(spot),
      pull: () => latest.current?.pull(),
      type: (text) => latest.current?.type(text),
      leave: () => latest.current?.leave(),
    }),
    [],
  );
  const across = (of: Area | undefined, row: number) =>
    of && row >= of.top && row <= of.bottom ? `${of.left} ${of.right}` : undefined;
  const unit = unitName(shown.measure);
  const days = columnWeights(rows)
    .map((weight) => wording.minmax0Fr(weight))
    .join(' ');
  const view = rows[at.row]?.cells[at.column];
  const said: Said | undefined =
    typed === undefined
      ? undefined
      : {
          reading: view && wording.reads(readingOf(view, unit)),
          problem: sheet.problem,
          suggestion: sheet.suggestion,
        };
  const sumOf = (column: number) =>
    shown.weeks.reduce((total, week, index) => {
      const place = dayPlace(rows[index], column);
      return total + (place === undefined ? 0 : (week.days[place] ?? 0));
    }, 0);
  return (
    <div
      ref={grid}
      role="grid"
      aria-label={wording.sheetTypeInACellEnterKeeps}
      aria-rowcount={rows.length + 1}
      aria-colcount={COLUMNS}
      aria-multiselectable="true"
      className={styles.grid}
      style={{ '--days': days } as CSSProperties}
      data-typing={typed !== undefined}
      onKeyDown={onKeyDown}
      onCopy={typed === undefined ? sheet.copy : undefined}
      onPaste={typed === undefined ? sheet.paste : undefined}
    >
      <div role="row" aria-rowindex={1} className={styles.head}>
        <div role="columnheader" className={styles.week}>
          <span>{wording.week}</span>
          <span>{wording.toGo}</span>
          <span>{wording.dates}</span>
        </div>
        {weekdays.map((day, column) => (
          <div key={day} role="columnheader">
            <button
              type="button"
              className={styles.figure}
              aria-label={wording.chooseEveryToCome(day)}
              onClick={() => {
                const from = rows.findIndex(({ cells }) => cells[column]?.over === false);
                go({ row: Math.max(0, from), column });
                go({ row: rows.length - 1, column }, true);
              }}
            >
              {day}
            </button>
          </div>
        ))}
        {[unit, 'change', wording.longRun].map((title) => (
          <div key={title} role="columnheader" className={styles.number}>
            {title}
          </div>
        ))}
        <div role="columnheader" className={styles.notes}>
          {wording.notes}
        </div>
      </div>
      <svg width={0} height={0} className={styles.hatches} aria-hidden="true">
        <Hatches id={hatches} />
      </svg>
      {phasesOf(rows).map(({ phase, state, from, to }) => (
        <div role="rowgroup" key={from} className={styles.group}>
          {phase && <PhaseBand phase={phase} state={state} hatches={hatches} />}
          {rows.slice(from, to).map((view, place) => {
            const row = from + place;
            return (
              <SheetRow
                key={view.number}
                view={view}
                row={row}
                isFirstOfPhase={place === 0}
                isNow={view.number === now}
                at={row === at.row ? at.column : undefined}
                chosen={across(area, row)}
                corner={row === area.bottom && typed === undefined ? area.right : undefined}
                pasted={across(pasted?.laid.area, row)}
                typed={row === at.row ? typed : undefined}
                said={row === at.row ? said : undefined}
                standing={fixes?.get(view.number)?.finding}
                fix={fixes?.get(view.number)?.fix}
                acts={acts}
              />
            );
          })}
        </div>
      ))}
      <div className={styles.sums} aria-hidden="true">
        <div className={styles.week}>{wording.weeks(rows.length)}</div>
        {Array.from({ length: DAYS }, (_, column) => (
          <div key={column}>
            <span className={styles.figure}>{formatSteps(sumOf(column), shown.measure)}</span>
          </div>
        ))}
        <b>{formatSteps(shown.total, shown.measure)}</b>
      </div>
    </div>
  );
}

/** Rows by their phases: the first of each, and the one behind its last. */
function phasesOf(rows: readonly RowView[]) {
  const firsts = rows.flatMap(({ phase }, row) =>
    row === 0 || rows[row - 1]?.phase?.firstWeek !== phase?.firstWeek ? [row] : [],
  );
  return firsts.flatMap((from, place) => {
    const view = rows[from];
    const to = firsts[place + 1] ?? rows.length;
    return view ? [{ phase: view.phase, state: view.phaseState, from, to }] : [];
  });
}

/** Which day of its week stands in a column. */
function dayPlace(view: RowView | undefined, column: number): number | undefined {
  if (!view?.cells[column]) return undefined;
  return view.cells.slice(0, column).filter((each) => each !== undefined).length;
}

/** What is typed as it is read: a session by its words, two runs of a day by their figures too. */
function readingOf({ figure, words }: CellView, unit: string): string {
  if (words === '') return `${figure} ${unit}`;
  return figure.includes('+') ? `${figure} ${unit}, ${words}` : words;
}
