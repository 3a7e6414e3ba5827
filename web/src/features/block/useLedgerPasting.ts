import { useCallback, useEffect, useRef } from 'react';
import { useDaysOver } from '../../components/history.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { Commands } from '../../editor/useCommands.js';
import { type LaidTable, usePasted } from '../../editor/usePasted.js';

/** Tables from the clipboard, over the block as it stands; the same function for as long as the page lives. */
export function useLedgerPasting({ block, shown }: LaidAndShown, commands: Commands) {
  const over = useDaysOver();
  const of = usePasted(block, shown.measure, commands, { over });
  const latest = useRef(of.show);
  useEffect(() => {
    latest.current = of.show;
  });
  const onPaste = useCallback((laid: LaidTable) => latest.current(laid), []);
  return { of, onPaste };
}
