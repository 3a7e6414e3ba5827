import type { BlockFile } from '@nadir/contract';
import { useMemo, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { type Answered, answer } from './questions.js';

/** The wishes being asked for, with every open answer worked out as they change. */
export function useAsked(first: () => BlockFile, { mayBePast = false } = {}) {
  const { today } = useSignedIn();
  const [asked, setAsked] = useState(first);
  const answered: Answered = useMemo(
    () => answer(asked, today, { mayBePast }),
    [asked, today, mayBePast],
  );
  const [lastDrawn, setLastDrawn] = useState(answered.file);
  if (answered.file && answered.file !== lastDrawn) setLastDrawn(answered.file);
  return {
    asked,
    setAsked,
    answered,
    /** While a problem stands, what was drawn last stays in sight. */
    drawn: answered.file ?? lastDrawn,
    change: (part: Partial<BlockFile>) => setAsked((old) => ({ ...old, ...part })),
  };
}
