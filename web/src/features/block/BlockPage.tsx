import type { BlockFile } from '@nadir/contract';
import { reviewRows } from '@nadir/core/present/review';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { LABEL_WIDTH } from '../../drawing/columns.js';
import { weekNearest } from '../../drawing/days.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { useWeekInSight } from '../../drawing/useWeekInSight.js';
import { useWeeksOver } from '../../components/history.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { useOwnAims } from '../../components/useOwnAims.js';
import { runOfWeeks, useReview } from '../../components/useReview.js';
import { Aside } from './Aside.js';
import styles from './BlockPage.module.css';
import { BlockTitle } from './BlockTitle.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { Ledger } from './Ledger.js';
import { DefaultsNotice } from './DefaultsNotice.js';
import { TryBar } from './TryBar.js';
import { InEditor } from '../../editor/InEditor.js';
import { useAnswers } from '../../editor/useAnswers.js';
import { useCommands } from '../../editor/useCommands.js';
import { DragTag } from './DragTag.js';
import { PullHint } from './PullHint.js';
import { ledgerRows } from './ledger-rows.js';
import { useCountBack } from './useCountBack.js';
import { useLedgerPasting } from './useLedgerPasting.js';
import { useLedgerRows } from './useLedgerRows.js';
import { useOverlay } from './useOverlay.js';
import { useDrag } from './useDrag.js';
import { useLately } from './useLately.js';
import { usePinning } from './usePinning.js';
import { useSelection } from './useSelection.js';
import { WeekDays } from './WeekDays.js';
import { PasteBar } from '../../editor/PasteBar.js';
import { ThisWeek } from '../../editor/ThisWeek.js';
import * as wording from './wording.js';

/** A block in the editor: drawing over Ledger over days, checks at the right. */
export function BlockPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>{(file, preview) => <OpenBlock file={file} preview={preview} />}</InEditor>
  );
}

/** Narrower than this no figure fits: a long block scrolls sideways on a phone. */
const NARROWEST_COLUMN = 28;
/** Rows of the Ledger that are always open. */
const FOUR = 4;
/** What the line under the Ledger and the days take; the drawing has the rest. */
const BELOW_DRAWING = 216;
const LEDGER_ROW = 20;

function OpenBlock({ file, preview }: { file: BlockFile; preview: BlockFile | null }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const asked = useOwnAims(file);
  const drawn = useShownChange(preview, base);
  const { block, shown } = drawn;
  const { athlete } = block.spec;
  const navigate = useNavigate();
  const commands = useCommands();
  const weeks = block.weeks.length;
  const now = weekNearest(block.weeks, today);
  const { week, weeks: chosen, select } = useSelection(now, weeks);
  const over = useWeeksOver(base.block.weeks);
  const pinning = usePinning(base.block, shown.measure, commands);
  const pasting = useLedgerPasting(base, commands);
  const { drag, dragged } = useDrag(base, commands, select);
  // The drawing follows the hand within the frame; figures and checks come right after it.
  const settled = useLately(drawn, base, dragged !== undefined);
  const { overlays, tried } = useOverlay(base, preview !== null);
  const { open, setOpen } = useLedgerRows();
  const moved = useAnswers(base);
  const { countBack, isNew } = useCountBack();
  const [ref, size] = useElementSize<HTMLDivElement>();
  const [lit, setLit] = useState<readonly number[]>([]);
  const columns = useColumns(size.width, weeks);
  const table = useRef<HTMLDivElement>(null);
  useWeekInSight(table, size.width > 0 ? columns : undefined, now);
  const { review, figures } = useReview(base);
  const diary = useMemo(() => reviewRows(review, figures, base.shown), [review, figures, base]);
  const ran = useMemo(() => runOfWeeks(figures), [figures]);
  const rows = ledgerRows(block, shown, { narrow: false, diary }).length;
  const below = BELOW_DRAWING + LEDGER_ROW * ((open === 'all' ? rows : FOUR) + (tried ? 2 : 0));

  const openDays = useCallback(() => void navigate(`week/${week}`), [navigate, week]);
  // The same element while a hand moves: the days under the Ledger are left alone then.
  const acts = useMemo(
    () => <ThisWeek block={base.block} weeks={chosen} commands={commands} onOpen={openDays} />,
    [base.block, chosen, commands, openDays],
  );

  useEffect(() => {
    document.title = wording.nadir(athlete.name || wording.block);
  }, [athlete.name]);

  return (
    <>
      <BlockTitle spec={base.block.spec} />
      <PullHint />
      <TryBar />
      <DefaultsNotice file={file} base={base} />
      <div className={styles.editor}>
        <main className={styles.main}>
          <div ref={ref} className={styles.fill}>
            {dragged && <DragTag dragged={dragged} base={base} drawn={drawn} settled={settled} />}
            {size.width > 0 && (
              <>
                <div ref={table} className={styles.table}>
                  <Section
                    block={block}
                    shown={shown}
                    settled={settled}
                    columns={columns}
                    height={drawingHeight(size, below)}
                    today={today}
                    selected={chosen}
                    lit={lit}
                    overlays={overlays}
                    reach={dragged?.reach}
                    onSelect={select}
                    ran={ran}
                    over={over}
                    drag={drag}
                    countBack={countBack}
                  />
                  <Ledger
                    {...settled}
                    asked={asked}
                    overlay={tried ? overlays[0] : undefined}
                    columns={columns}
                    selected={week}
                    chosen={chosen}
                    lit={lit}
                    moved={moved}
                    over={over}
                    diary={diary}
                    onSelect={select}
                    pinning={pinning}
                    onPaste={pasting.onPaste}
                    open={open}
                    onOpen={setOpen}
                    focusFirst={isNew}
                  />
                </div>
                <PasteBar pasting={pasting.of} />
                <WeekDays {...settled} week={week} columns={columns} commands={commands}>
                  {acts}
                </WeekDays>
              </>
            )}
          </div>
        </main>
        <Aside
          base={base}
          drawn={settled}
          file={file}
          today={today}
          commands={commands}
          onLight={setLit}
        />
      </div>
      <ConflictDialog />
    </>
  );
}

/** The column grid; the same object until the room or the block changes. */
function useColumns(width: number, weeks: number) {
  const make = () => ({
    width: Math.max(width, LABEL_WIDTH + weeks * NARROWEST_COLUMN),
    labels: LABEL_WIDTH,
    weeks,
  });
  const [columns, setColumns] = useState(make);
  const now = make();
  if (now.width === columns.width && now.weeks === columns.weeks) return columns;
  setColumns(now);
  return now;
}
