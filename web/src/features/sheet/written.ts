import type { WrittenCell } from '@nadir/core/edit/sheet';
import type { CellView, RowView } from './sheet-rows.js';
import type { Area } from './useSheetCursor.js';

/** A table laid over the sheet. */
export interface Laid {
  written: WrittenCell[];
  /** Cells beyond the edges of the sheet. */
  outside: number;
  area: Area;
}

/**
 * Lays a table over the sheet from a place on; one cell fills all that are chosen.
 * A table that stands there already changes nothing; of another every figure is
 * fixed, be it the one that was worked out.
 */
export function layTable(
  rows: readonly RowView[],
  table: readonly (readonly string[])[],
  area: Area,
): Laid {
  const only = table.length === 1 && table[0]?.length === 1 ? table[0][0] : undefined;
  const filled =
    only === undefined
      ? table
      : Array.from({ length: area.bottom - area.top + 1 }, () =>
          Array.from({ length: area.right - area.left + 1 }, () => only),
        );
  const from = { row: area.top, column: area.left };
  const width = Math.max(0, ...filled.map((cells) => cells.length));
  const over: (readonly [CellView, string])[] = [];
  let outside = 0;
  filled.forEach((cells, down) =>
    cells.forEach((text, across) => {
      const view = rows[from.row + down]?.cells[from.column + across];
      if (view) over.push([view, text]);
      else if (text !== '') outside++;
    }),
  );
  const isSame = ([view, text]: readonly [CellView, string]) => text === view.source;
  const isLeft = ([view, text]: readonly [CellView, string]) =>
    text === ''
      ? view.state !== 'fixed'
      : text === view.source && (view.state === 'fixed' || view.over);
  return {
    written: over.every((each) => isSame(each) || isLeft(each))
      ? []
      : over.filter((each) => !isLeft(each)).map(([{ cell }, text]) => ({ cell, text })),
    outside,
    area: {
      top: from.row,
      bottom: Math.min(rows.length, from.row + filled.length) - 1,
      left: from.column,
      right: from.column + width - 1,
    },
  };
}

/** The texts of the cells that are chosen, as they would be typed. */
export function textsOf(rows: readonly RowView[], { top, bottom, left, right }: Area): string[][] {
  return rows
    .slice(top, bottom + 1)
    .map(({ cells }) => cells.slice(left, right + 1).map((view) => view?.source ?? ''));
}
