import { type BlockAnswer, historyOf } from '@nadir/contract';
import type { Measure } from '@nadir/core/base';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useBlockQuery, useRecordQuery } from '../api/api.js';
import { type CallError, callError } from '../api/call-error.js';
import { useSignedIn } from '../api/session.js';
import { raceDay, recordAround } from './record.js';
import { type LaidAndShown, laidOf } from './useLaidBlock.js';

/** A stored block laid out on its own past: undefined while that is asked for, and for no block. */
export function useLaidWithPast(
  block: BlockAnswer | undefined,
  measure: Measure,
): { laid: LaidAndShown | undefined; error: CallError | undefined } {
  const { today } = useSignedIn();
  const afresh = { refetchOnMountOrArgChange: true };
  const stored = useBlockQuery(block?.id ?? skipToken, afresh);
  const record = useRecordQuery(
    block ? recordAround(block.athleteId, raceDay(block.wishes, today)) : skipToken,
    afresh,
  );
  const open = block && stored.currentData;
  const entries = block && record.currentData?.entries;
  const laid = useMemo(
    () =>
      open && entries
        ? laidOf(
            open.wishes,
            { asOf: today, history: historyOf(open.history), record: entries },
            measure,
          )
        : undefined,
    [open, entries, today, measure],
  );
  return { laid, error: callError(stored.error ?? record.error) };
}
