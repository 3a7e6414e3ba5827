import { type PlannedDay, historyOf } from '@nadir/contract';
import type { HandedOut } from '@nadir/core/layout';
import type { CheckedBlock } from '@nadir/core';
import { type ReactNode, createContext, useContext, useMemo } from 'react';
import { useSignedIn } from '../api/session.js';

const NONE: readonly HandedOut[] = [];
const NO_WEEKS: readonly number[] = [];
const HistoryContext = createContext<readonly HandedOut[]>(NONE);

/** Lays out every block within it on the days that were handed out. */
export function WithHistory({
  days,
  children,
}: {
  days: readonly PlannedDay[];
  children: ReactNode;
}) {
  const history = useMemo(() => historyOf(days), [days]);
  return <HistoryContext value={history}>{children}</HistoryContext>;
}

/** The dates that are over and stay as they were handed out. */
export function useDaysOver(): ReadonlySet<string> {
  const history = useHistory();
  const { today } = useSignedIn();
  return useMemo(
    () => new Set(history.map(({ day }) => day.date).filter((date) => date < today)),
    [history, today],
  );
}

/** Weeks of which every day is over and was handed out: they are inked, and not changed by hand. */
export function useWeeksOver(weeks: CheckedBlock['weeks']): readonly number[] {
  const over = useDaysOver();
  return useMemo(
    () =>
      over.size === 0
        ? NO_WEEKS
        : weeks
            .filter(({ days }) => days.every(({ date }) => over.has(date)))
            .map(({ number }) => number),
    [weeks, over],
  );
}

/** The days that are over as they were handed out; none outside a block that is open. */
export function useHistory(): readonly HandedOut[] {
  return useContext(HistoryContext);
}
