import { moreOrFewer, weekChange } from '@nadir/core/present';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { handleWords } from '../../drawing/handle-labels.js';
import styles from './BlockPage.module.css';
import type { Dragged } from './useDrag.js';

/** What the hand carries: the figure, the change it makes, and what the checks say of it. */
export function DragTag({
  dragged: { handle, at, problem },
  base,
  drawn,
}: {
  dragged: Dragged;
  base: LaidAndShown;
  drawn: LaidAndShown;
}) {
  const { text } = handleWords(handle, drawn.block, drawn.shown);
  const week = handle.kind === 'volume' ? drawn.block.weeks[handle.week - 1] : undefined;
  const change = week ? weekChange(drawn.block, week) : '';
  const words = problem ?? [text, change, ...moreOrFewer(base, drawn)].filter(Boolean).join('  ');
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
