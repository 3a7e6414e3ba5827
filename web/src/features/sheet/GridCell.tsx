import Button from '@mui/material/Button';
import { LevelMark } from '../../components/LevelMark.js';
import { StateMark } from '../../components/StateMark.js';
import styles from './Sheet.module.css';
import { type CellView, DAYS, LONG_RUN } from './sheet-rows.js';
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

/** What is said of what is typed: how it is read, or why it is not and what may be meant. */
export interface Said {
  reading: string | undefined;
  problem: string | undefined;
  suggestion: string | undefined;
}

/** Of what is said of the cell in hand. */
const SAID = 'sheet-says';

/** What was run, where it is not what was planned. */
export function Ran({ ran }: { ran: string }) {
  return <span className={styles.ran}>{wording.ranWords(ran)}</span>;
}

/** How long a long run is beside the longest. */
function Reach({ of }: { of: number }) {
  return (
    <svg className={styles.reach} viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
      <rect x={0} y={1 - of} width={1} height={of} />
    </svg>
  );
}

/** A cell of the sheet: what it holds, or what is typed in it and how that is read. */
export function GridCell({
  view,
  reach,
  row,
  column,
  isAt,
  isChosen,
  isCorner,
  isPasted,
  typed,
  said,
  acts,
}: {
  view: CellView | undefined;
  /** Of its week’s long run beside the longest. */
  reach: number;
  row: number;
  column: number;
  isAt: boolean;
  isChosen: boolean;
  isCorner: boolean;
  isPasted: boolean;
  typed: string | undefined;
  said: Said | undefined;
  acts: CellActs;
}) {
  const spot = { row, column };
  if (!view)
    return <div role="gridcell" aria-label={wording.outsideTheBlock} className={styles.none} />;
  const { figure, words, ran, name, state, over, weight, found } = view;
  const isDay = column < DAYS;
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
        found && `${found.level}: ${found.title}`,
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
          {column === LONG_RUN && <Reach of={reach} />}
          <span className={styles.figure}>
            <StateMark state={state} />
            {figure}
          </span>
          {isDay && (words || ran) && (
            <span className={styles.words}>
              <span>
                {ran && <Ran ran={ran} />} {words}
              </span>
            </span>
          )}
          {found && (
            <span className={styles.found}>
              <LevelMark level={found.level} size={12} />
            </span>
          )}
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
        // A click in it is no click on the cell, which would leave it.
        <div className={styles.typing} onMouseDown={(event) => event.stopPropagation()}>
          <input
            autoFocus
            aria-label={wording.write(name)}
            aria-invalid={said?.problem !== undefined}
            aria-describedby={SAID}
            value={typed}
            spellCheck={false}
            onChange={({ target }) => acts.type(target.value)}
            onBlur={() => acts.leave()}
          />
          <span id={SAID} role={said?.problem ? 'alert' : undefined}>
            {said?.problem ?? said?.reading}
          </span>
          {said?.suggestion !== undefined && (
            <Button
              variant="outlined"
              aria-keyshortcuts="ArrowDown"
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => acts.type(said.suggestion ?? '')}
            >
              {wording.use(said.suggestion)}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
