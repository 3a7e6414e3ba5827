import { useCallback, useMemo, useState } from 'react';

/** The weeks in hand: one, or a run of them from where the selection began. */
export interface Selection {
  /** The week the cursor is on. */
  week: number;
  /** All of them, in order, the cursor’s among them. */
  weeks: readonly number[];
  select: (week: number, extend: boolean) => void;
}

/** @param most weeks of the block */
export function useSelection(first: number, most: number): Selection {
  const [{ anchor, cursor }, set] = useState({ anchor: first, cursor: first });
  const select = useCallback(
    (week: number, extend: boolean) =>
      set((old) => ({ anchor: extend ? old.anchor : week, cursor: week })),
    [],
  );
  const week = Math.min(cursor, most);
  const other = Math.min(anchor, most);
  const weeks = useMemo(() => {
    const from = Math.min(week, other);
    return Array.from({ length: Math.abs(week - other) + 1 }, (_, index) => from + index);
  }, [week, other]);
  return { week, weeks, select };
}
