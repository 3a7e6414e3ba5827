import type { BlockFile } from '@nadir/contract';
import { useCallback, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { useDispatch } from 'react-redux';
import { useLaidBlock } from '../../parts/useLaidBlock.js';
import { token } from '../../look/tokens.js';
import { LABEL_WIDTH } from '../../drawing/columns.js';
import { weekOf } from '../../drawing/days.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { ErrorNote } from '../../parts/ErrorNote.js';
import { useElementSize } from '../../parts/useElementSize.js';
import { BlockStrip } from './BlockStrip.js';
import { Checks } from './Checks.js';
import { ConflictDialog } from './ConflictDialog.js';
import { redone, undone } from './desk.js';
import { Ledger } from './Ledger.js';
import { BlockFacts } from '../../parts/BlockFacts.js';
import { useCarriedChange } from './useCarriedChange.js';
import { useOpenBlock } from './useOpenBlock.js';
import { usePinning } from './usePinning.js';
import { WeekDays } from './WeekDays.js';
import { useDesk } from './useDesk.js';

/** A block on the desk: drawing over ledger over days, checks at the right. */
export function BlockPage() {
  const { id = '' } = useParams();
  const opening = useOpenBlock(id);
  const { present, preview } = useDesk((desk) => desk);
  if (opening.status === 'opening' || !present) {
    return opening.status === 'failed' ? (
      <main className="page">
        <ErrorNote onRetry={opening.retry}>{opening.sentence}</ErrorNote>
      </main>
    ) : (
      <main className="page" aria-busy="true">
        Opening the block …
      </main>
    );
  }
  return <OpenBlock wishes={present} drawn={preview ?? present} />;
}

/** Narrower than this no figure fits: a long block scrolls sideways on a phone. */
const NARROWEST_COLUMN = 24;
/** What the Ledger and the days take; the drawing has the rest. */
const BELOW_DRAWING = 284;

function OpenBlock({ wishes, drawn }: { wishes: BlockFile; drawn: BlockFile }) {
  const { today } = useSignedIn();
  const dispatch = useDispatch();
  const refusal = useDesk((desk) => desk.refusal);
  const { block, shown } = useLaidBlock(drawn);
  const pinning = usePinning(wishes, shown.measure);
  const [ref, size] = useElementSize<HTMLDivElement>();
  const [selected, setSelected] = useState(() => weekOf(block.weeks, today) ?? 1);
  const [lit, setLit] = useState<readonly number[]>([]);
  const weeks = block.weeks.length;
  const columns = {
    width: Math.max(size.width, LABEL_WIDTH + weeks * NARROWEST_COLUMN),
    labels: LABEL_WIDTH,
    weeks,
  };
  const week = Math.min(selected, block.weeks.length);
  const select = useCallback((number: number) => setSelected(number), []);

  useCarriedChange();
  useHotkeys('mod+z', () => void dispatch(undone()), { preventDefault: true }, []);
  useHotkeys('mod+shift+z, mod+y', () => void dispatch(redone()), { preventDefault: true }, []);
  useEffect(() => {
    document.title = `${block.wishes.athlete.name || 'Block'} · Nadir`;
  }, [block.wishes.athlete.name]);

  return (
    <>
      <BlockStrip block={block} />
      <div className="desk">
        <main>
          {refusal && <ErrorNote>{refusal}</ErrorNote>}
          <div ref={ref} className="fill">
            {size.width > 0 && (
              <>
                <Section
                  block={block}
                  shown={shown}
                  columns={columns}
                  height={drawingHeight(size, BELOW_DRAWING)}
                  today={today}
                  selected={week}
                  lit={lit}
                  onSelect={select}
                />
                <Ledger
                  block={block}
                  shown={shown}
                  columns={columns}
                  selected={week}
                  lit={lit}
                  onSelect={select}
                  pinning={pinning}
                />
                <WeekDays block={block} shown={shown} week={week} />
              </>
            )}
          </div>
        </main>
        <aside
          style={{ background: token('panel'), borderLeft: `1px solid ${token('hairline')}` }}
          aria-label="Checks and shape"
        >
          <Checks findings={block.findings} onLight={setLit} />
          <BlockFacts block={block} shown={shown} />
        </aside>
      </div>
      <ConflictDialog />
    </>
  );
}
