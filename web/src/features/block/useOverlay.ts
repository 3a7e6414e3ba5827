import { blockHeading } from '@nadir/contract';
import { useMemo } from 'react';
import type { OverlayBlock } from '../../drawing/Overlay.js';
import { type LaidAndShown, useLaidBlock } from '../../components/useLaidBlock.js';
import { useEditor } from '../../editor/useEditor.js';
import * as wording from './wording.js';

/**
 * What is drawn dashed beside the block: the first version while a second is
 * tried, else the block as it is while a change is only shown. Only what is
 * tried has its figures in the Ledger: a hand in motion wants a still page.
 */
export function useOverlay(
  base: LaidAndShown,
  shows: boolean,
): { overlays: readonly OverlayBlock[]; tried: boolean } {
  const trial = useEditor((editor) => editor.trial !== null);
  const present = useEditor((editor) => editor.present);
  const first = useLaidBlock(present ?? EMPTY);
  return useMemo(() => {
    if (trial) return { overlays: [{ ...first, name: wording.asKept }], tried: true };
    return { overlays: shows ? [{ ...base, name: wording.asItIs }] : [], tried: false };
  }, [trial, shows, first, base]);
}

/** Never drawn: a page without a block asks for no overlay. */
const EMPTY = {
  ...blockHeading,
  race: { name: '', date: '2000-01-01', distance: 10_000 },
} as const;
