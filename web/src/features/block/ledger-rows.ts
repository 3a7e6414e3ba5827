import { formatSteps } from '@nadir/core/base/format';
import type { PinField } from '@nadir/core/edit';
import type { Block } from '@nadir/core/layout/block';
import { type SheetRow, sheetRows } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
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
function overlayRow(field: PinField, { shown, name }: OverlayBlock): SheetRow {
  return {
    key: `${field}-overlay`,
    label: name,
    text: ({ toGo }) => {
      const steps = shown.weeks[shown.weeks.length - 1 - toGo]?.[field];
      return steps === undefined || (field === 'longRun' && toGo === 0)
        ? ''
        : formatSteps(steps, shown.measure);
    },
    why: () => wording.theOtherVersion,
  };
}
