import { type PlannedDay, historyOf } from '@nadir/contract';
import type { HandedOut } from '@nadir/core/layout';
import { type ReactNode, createContext, useContext, useMemo } from 'react';

const NONE: readonly HandedOut[] = [];
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

/** The days that are over as they were handed out; none outside a block that is open. */
export function useHistory(): readonly HandedOut[] {
  return useContext(HistoryContext);
}
