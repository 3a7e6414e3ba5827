import type { BlockFile } from '@nadir/contract';
import { whatChanged } from '@nadir/core/present';
import { useMemo } from 'react';
import { useSignedIn } from '../../api/session.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { token } from '../../theme/tokens.js';
import { BlockFacts } from '../../components/BlockFacts.js';
import { DifferenceList } from '../../components/DifferenceList.js';
import { FindingLines } from '../../components/FindingLines.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useLaidBlock } from '../../components/useLaidBlock.js';

/** What the facts and the checks take; the drawing has the rest. */
const BELOW_DRAWING = 230;

/** The block as it stands while it is asked for; where one is changed, against the one before. */
export function LivePreview({
  wishes,
  before,
  stale,
}: {
  wishes: BlockFile;
  before?: BlockFile | undefined;
  stale: boolean;
}) {
  const { block, shown } = useLaidBlock(wishes);
  const old = useLaidBlock(before ?? wishes);
  const { today } = useSignedIn();
  const [ref, size] = useElementSize<HTMLDivElement>();
  const overlay = useMemo(
    () => (before ? { ...old, name: 'as it was' } : undefined),
    [before, old],
  );
  const differences = before ? whatChanged(old.block, block, shown.measure) : [];
  return (
    <div ref={ref} className="fill" aria-busy={stale} style={{ opacity: stale ? 0.5 : 1 }}>
      {size.width > 0 && (
        <Section
          block={block}
          shown={shown}
          columns={{ width: size.width, labels: 70, weeks: block.weeks.length }}
          height={drawingHeight(size, BELOW_DRAWING)}
          today={today}
          overlay={differences.length > 0 ? overlay : undefined}
        />
      )}
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: '1fr 1fr',
          gap: 24,
          borderTop: `1px solid ${token('hairline')}`,
          marginTop: 8,
        }}
      >
        {before ? (
          <section aria-label="What changes" style={{ fontSize: 13 }}>
            <h2 style={{ margin: '14px 0 4px', fontSize: 14, fontWeight: 600 }}>What changes</h2>
            <DifferenceList differences={differences} before="as it was" after="now" />
          </section>
        ) : (
          <BlockFacts block={block} shown={shown} />
        )}
        <FindingLines findings={block.findings} />
      </div>
    </div>
  );
}
