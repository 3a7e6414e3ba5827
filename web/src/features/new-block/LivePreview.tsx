import type { BlockFile } from '@nadir/contract';
import { useSignedIn } from '../../api/session.js';
import { token } from '../../look/tokens.js';
import { useLaidBlock } from '../../parts/useLaidBlock.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { BlockFacts } from '../../parts/BlockFacts.js';
import { FindingLines } from '../../parts/FindingLines.js';
import { useElementSize } from '../../parts/useElementSize.js';

/** What the facts and the checks take; the drawing has the rest. */
const BELOW_DRAWING = 230;

/** The block as it stands while it is asked for. */
export function LivePreview({ wishes, stale }: { wishes: BlockFile; stale: boolean }) {
  const { block, shown } = useLaidBlock(wishes);
  const { today } = useSignedIn();
  const [ref, size] = useElementSize<HTMLDivElement>();
  return (
    <div ref={ref} className="fill" aria-busy={stale} style={{ opacity: stale ? 0.5 : 1 }}>
      {size.width > 0 && (
        <Section
          block={block}
          shown={shown}
          columns={{ width: size.width, labels: 70, weeks: block.weeks.length }}
          height={drawingHeight(size, BELOW_DRAWING)}
          today={today}
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
        <BlockFacts block={block} shown={shown} />
        <FindingLines findings={block.findings} />
      </div>
    </div>
  );
}
