import type { BlockFile } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { LABEL_WIDTH } from '../../drawing/columns.js';
import { weekOf } from '../../drawing/days.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { formatDay } from '../../components/dates.js';
import { useWeeksOver } from '../../components/history.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { Aside } from './Aside.js';
import { BlockStrip } from './BlockStrip.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { Ledger } from './Ledger.js';
import { DefaultsNotice } from './DefaultsNotice.js';
import { TryBar } from './TryBar.js';
import { useCarriedChange } from './useCarriedChange.js';
import { InEditor } from '../../editor/InEditor.js';
import { useCommands } from '../../editor/useCommands.js';
import { useOverlay } from './useOverlay.js';
import { useDrag } from './useDrag.js';
import { useLately } from './useLately.js';
import { usePinning } from './usePinning.js';
import { useSelection } from './useSelection.js';
import { WeekDays } from './WeekDays.js';
import { WeekTools } from './WeekTools.js';

/** A block in the editor: drawing over ledger over days, checks at the right. */
export function BlockPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>{(file, preview) => <OpenBlock file={file} preview={preview} />}</InEditor>
  );
}

/** Narrower than this no figure fits: a long block scrolls sideways on a phone. */
const NARROWEST_COLUMN = 24;
/** What the Ledger, the tools and the days take; the drawing has the rest. */
const BELOW_DRAWING = 342;
const LEDGER_ROW = 20;

function OpenBlock({ file, preview }: { file: BlockFile; preview: BlockFile | null }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const drawn = useShownChange(preview, base);
  const { block, shown } = drawn;
  const { athlete, race } = block.spec;
  const commands = useCommands();
  const weeks = block.weeks.length;
  const { week, weeks: inHandWeeks, select } = useSelection(weekOf(block.weeks, today) ?? 1, weeks);
  const over = useWeeksOver(base.block.weeks);
  const pinning = usePinning(base.block, shown.measure, commands);
  const { drag, dragged } = useDrag(base, commands, select);
  // The drawing follows the hand within the frame; figures and checks come right after it.
  const settled = useLately(drawn, base, dragged !== undefined);
  const { overlay, tried } = useOverlay(base, preview !== null);
  const segments = block.weeks.some(({ segment }) => segment !== undefined);
  const across = shown.weeks.some(({ equivalent, volume }) => equivalent !== volume);
  const extraRows = (tried ? 2 : 0) + (segments ? 1 : 0) + (across ? 1 : 0);
  const [ref, size] = useElementSize<HTMLDivElement>();
  const [lit, setLit] = useState<readonly number[]>([]);
  const columns = useColumns(size.width, weeks);

  useCarriedChange();
  useEffect(() => {
    document.title = `${athlete.name || 'Block'} · Nadir`;
  }, [athlete.name]);

  return (
    <>
      <BlockStrip
        athlete={athlete.name}
        race={race.name}
        goalTime={race.goalTime}
        raceDay={race.date}
      />
      <TryBar />
      <DefaultsNotice file={file} base={base} />
      <div className="editor">
        <main>
          <div ref={ref} className="fill">
            <p className="only-print">
              {athlete.name} · {race.name} · {formatDay(race.date)}
            </p>
            <p role="status" className="in-hand" hidden={!dragged}>
              <span>{dragged && `${dragged.words} ${checksWords(base.block, block)}`}</span>
            </p>
            {size.width > 0 && (
              <>
                <Section
                  block={block}
                  shown={shown}
                  settled={settled}
                  columns={columns}
                  height={drawingHeight(size, BELOW_DRAWING + extraRows * LEDGER_ROW)}
                  today={today}
                  selected={inHandWeeks}
                  lit={lit}
                  overlay={overlay}
                  reach={dragged?.reach}
                  onSelect={select}
                  over={over}
                  drag={drag}
                />
                <Ledger
                  {...settled}
                  overlay={tried ? overlay : undefined}
                  columns={columns}
                  selected={week}
                  chosen={inHandWeeks}
                  lit={lit}
                  over={over}
                  onSelect={select}
                  pinning={pinning}
                />
                <WeekTools block={base.block} weeks={inHandWeeks} commands={commands} />
                <WeekDays {...settled} week={week} />
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

/** What a change that is only shown would do to the checks. */
function checksWords(
  { findings: before }: CheckedBlock,
  { findings: after }: CheckedBlock,
): string {
  if (after.length === before.length) return 'Checks: no more, no fewer.';
  const by = Math.abs(after.length - before.length);
  return `Checks: ${by} ${after.length > before.length ? 'more' : 'fewer'}.`;
}
