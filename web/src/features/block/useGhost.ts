import { useMemo } from 'react';
import type { GhostBlock } from '../../drawing/Ghost.js';
import { type LaidAndShown, useLaidBlock } from '../../parts/useLaidBlock.js';
import { useDesk } from '../../desk/useDesk.js';

/**
 * What is drawn dashed beside the block: the first version while a second is
 * tried, else the block as it is while a change is only shown. Only what is
 * tried has its figures in the Ledger: a hand in motion wants a still page.
 */
export function useGhost(
  base: LaidAndShown,
  shows: boolean,
): { ghost: GhostBlock | undefined; tried: boolean } {
  const trial = useDesk((desk) => desk.trial !== null);
  const present = useDesk((desk) => desk.present);
  const first = useLaidBlock(present ?? EMPTY);
  return useMemo(() => {
    if (trial) return { ghost: { ...first, name: 'as kept' }, tried: true };
    return { ghost: shows ? { ...base, name: 'as it is' } : undefined, tried: false };
  }, [trial, shows, first, base]);
}

/** Never drawn: a page without a block asks for no ghost. */
const EMPTY = {
  format: 'nadir-block',
  version: 2,
  race: { name: '', date: '2000-01-01', distance: 10_000 },
} as const;
