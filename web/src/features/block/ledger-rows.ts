import type { PinField } from '@nadir/core/edit';
import type { Block } from '@nadir/core/layout/block';
import { type SheetRow, sheetRows } from '@nadir/core/present';
import { type ShownBlock, weekFigure } from '@nadir/core/present/figures';
import type { OverlayBlock } from '../../drawing/Overlay.js';
import * as wording from './wording.js';

/** The rows of the sheet; those of another version, where one is tried, under the figures they are held against. */
export function ledgerRows(
  block: Block,
  shown: ShownBlock,
  {
    narrow,
    overlay,
    diary = [],
  }: {
    narrow: boolean;
    overlay?: OverlayBlock | undefined;
    /** What was run: under what is planned. */
    diary?: readonly SheetRow[];
  },
): SheetRow[] {
  const rows = [...sheetRows(block, shown, { narrow }), ...diary];
  if (!overlay) return rows;
  return rows.flatMap((row) => (row.pins ? [row, overlayRow(row.pins, overlay)] : [row]));
}

/** The figures of another version, under this one's and as far from the race. */
function overlayRow(field: PinField, overlay: OverlayBlock): SheetRow {
  return {
    key: `${field}-overlay`,
    label: overlay.name,
    text: ({ toGo }) => weekFigure(overlay, overlay.block.weeks.length - 1 - toGo, field),
    why: () => wording.theOtherVersion,
  };
}
