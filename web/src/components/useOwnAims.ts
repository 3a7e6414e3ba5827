import { type BlockFile, givenOf } from '@nadir/contract';
import { type AskedFigures, askedIn, ownAims } from '@nadir/core/present/figures';
import { useDeferredValue, useMemo } from 'react';

/** Which aims of a plan are the coach’s own: found once an edit is drawn, for it lays the block out some times over. */
export function useOwnAims(file: BlockFile): AskedFigures {
  const drawn = useDeferredValue<BlockFile | undefined>(file, undefined);
  return useMemo(() => (drawn ? ownAims(givenOf(drawn)) : askedIn({})), [drawn]);
}
