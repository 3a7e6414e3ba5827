import { useCallback, useState } from 'react';

/** A place in the sheet: row and column, from 0. */
export interface Spot {
  row: number;
  column: number;
}

/** A rectangle of cells, ends included. */
export interface Area {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

/** The cell in hand, and the cells chosen with it. */
export interface SheetCursor {
  at: Spot;
  area: Area;
  go: (to: Spot, extend?: boolean) => void;
}

/** @param size rows and columns of the sheet */
export function useSheetCursor(size: Spot, first: Spot): SheetCursor {
  const [{ anchor, at }, set] = useState({ anchor: first, at: first });
  const { row: rows, column: columns } = size;
  const go = useCallback(
    (to: Spot, extend = false) =>
      set((old) => {
        const next = { row: within(to.row, rows), column: within(to.column, columns) };
        return { anchor: extend ? old.anchor : next, at: next };
      }),
    [rows, columns],
  );
  return {
    at,
    area: {
      top: Math.min(anchor.row, at.row),
      bottom: Math.max(anchor.row, at.row),
      left: Math.min(anchor.column, at.column),
      right: Math.max(anchor.column, at.column),
    },
    go,
  };
}

function within(place: number, many: number): number {
  return Math.min(many - 1, Math.max(0, place));
}
