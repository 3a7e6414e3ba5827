import type { WrittenCell } from '@nadir/core/edit/sheet';
import type { RowView } from './sheet-rows.js';
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
 * What stands there already is not written again.
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
  const laid: Laid = {
    written: [],
    outside: 0,
    area: {
      top: from.row,
      bottom: Math.min(rows.length, from.row + filled.length) - 1,
      left: from.column,
      right: from.column + width - 1,
    },
  };
  filled.forEach((cells, down) =>
    cells.forEach((text, across) => {
      const view = rows[from.row + down]?.cells[from.column + across];
      if (!view) {
        if (text !== '') laid.outside++;
      } else if (text !== view.source && !(text === '' && view.state !== 'fixed')) {
        laid.written.push({ cell: view.cell, text });
      }
    }),
  );
  return laid;
}

/** The texts of the cells that are chosen, as they would be typed. */
export function textsOf(rows: readonly RowView[], { top, bottom, left, right }: Area): string[][] {
  return rows
    .slice(top, bottom + 1)
    .map(({ cells }) => cells.slice(left, right + 1).map((view) => view?.source ?? ''));
}
