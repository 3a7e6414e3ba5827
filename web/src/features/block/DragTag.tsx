import { weekChange } from '@nadir/core/present';
import { moreOrFewer } from '@nadir/core/present/compare';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { handleWords } from '../../drawing/handle-labels.js';
import styles from './BlockPage.module.css';
import type { Dragged } from './useDrag.js';

/** What the hand carries: the figure, the change it makes, and once it rests what the checks say of it. */
export function DragTag({
  dragged: { handle, at, problem },
  base,
  drawn,
  settled,
}: {
  dragged: Dragged;
  base: LaidAndShown;
  drawn: LaidAndShown;
  /** What figures and checks show: that which is drawn as soon as the hand rests. */
  settled: LaidAndShown;
}) {
  const { text } = handleWords(handle, drawn.block, drawn.shown);
  const week = handle.kind === 'volume' ? drawn.block.weeks[handle.week - 1] : undefined;
  const change = week ? weekChange(drawn.block, week) : '';
  const checked = settled === drawn ? moreOrFewer(base, drawn) : [];
  const words = problem ?? [text, change, ...checked].filter(Boolean).join(' · ');
  return (
    <p
      role="status"
      className={styles.tag}
      style={{ transform: `translate(${at.x}px, ${at.y}px)` }}
    >
      <span>{words}</span>
    </p>
  );
}
