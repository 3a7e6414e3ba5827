import type { BlockFile } from '@nadir/contract';
import { type Reasons, sheetTotal } from '@nadir/core/present';
import { whatChanged } from '@nadir/core/present/compare';
import { useMemo } from 'react';
import { useSignedIn } from '../../api/session.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { BlockFacts } from '../../components/BlockFacts.js';
import { DifferenceList } from '../../components/DifferenceList.js';
import { unwaived } from '../../editor/checks/finding-words.js';
import { FindingLines } from '../../components/FindingLines.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useLaidBlock } from '../../components/useLaidBlock.js';
import styles from './Ask.module.css';
import { type Topic, headline, topicReason, topicWeeks } from './topics.js';
import * as wording from './wording.js';

/** What the facts and the checks take; the drawing has the rest. */
const BELOW_DRAWING = 240;

/** The block as it stands while it is asked for; where one is changed, against the one before. */
export function LivePreview({
  wishes,
  before,
  stale,
  topic,
  reasons,
}: {
  wishes: BlockFile;
  before?: BlockFile | undefined;
  stale: boolean;
  /** The answer that is open: its reason is said and its weeks are lit. */
  topic: Topic | undefined;
  reasons: Reasons;
}) {
  const { block, shown } = useLaidBlock(wishes);
  const old = useLaidBlock(before ?? wishes);
  const { today } = useSignedIn();
  const [ref, size] = useElementSize<HTMLDivElement>();
  const differences = before ? whatChanged(old.block, block, shown.measure) : [];
  const differs = differences.length > 0;
  const overlays = useMemo(
    () => (differs ? [{ ...old, name: wording.asItWas }] : []),
    [differs, old],
  );
  const lit = useMemo(() => (topic ? topicWeeks(topic, block) : []), [topic, block]);
  const why = topic && topicReason(topic, reasons);
  return (
    <>
      <h2 className="display">{headline(block)}</h2>
      <p className={styles.reason} aria-live="polite">
        {why ? (
          <>
            <b>{wording.why}</b> {why}
          </>
        ) : (
          wording.inAll(sheetTotal(block, shown))
        )}
      </p>
      <div ref={ref} className={styles.fill} aria-busy={stale}>
        {size.width > 0 && (
          <Section
            block={block}
            shown={shown}
            columns={{ width: size.width, labels: 80, weeks: block.weeks.length }}
            height={drawingHeight(size, BELOW_DRAWING)}
            today={today}
            lit={lit}
            overlays={overlays}
          />
        )}
        <div className={styles.below}>
          {before ? (
            <section aria-label={wording.whatChanges}>
              <h3>{wording.whatChanges}</h3>
              <DifferenceList
                differences={differences}
                before={wording.asItWas}
                after={wording.now}
              />
            </section>
          ) : (
            <BlockFacts block={block} shown={shown} />
          )}
          <FindingLines findings={unwaived(block.findings)} />
        </div>
      </div>
    </>
  );
}
