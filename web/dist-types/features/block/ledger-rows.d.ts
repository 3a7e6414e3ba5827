import { type LaidBlock, type ShownBlock, type Week } from '@nadir/core';
/** The figures a coach may fix by typing. */
export type PinField = 'volume' | 'longRun';
export interface LedgerRow {
  key: string;
  label: string;
  /** Set when typing in the row pins. */
  pins?: PinField;
  /** Figures of the plan itself stand out from what is counted from them. */
  strong?: boolean;
  text: (week: Week, index: number) => string;
  /** Why the figure is what it is. */
  why?: (week: Week) => string;
}
/** The rows of the Ledger, top to bottom, for one laid-out block. */
export declare function ledgerRows(
  block: LaidBlock,
  shown: ShownBlock,
  narrow: boolean,
): LedgerRow[];
