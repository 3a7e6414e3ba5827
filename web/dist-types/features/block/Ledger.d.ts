import { type Problem } from '@nadir/core';
import { type Columns } from '../../drawing/columns.js';
import type { LaidAndShown } from '../../parts/useLaidBlock.js';
import { type PinField } from './ledger-rows.js';
/** Typing a pin: what it would do is asked for at every key stroke. */
export interface Pinning {
  /** Draws the pin without keeping it; gives back what stands in its way. */
  preview: (week: number, field: PinField, amount: number | undefined) => Problem[];
  keep: (week: number, field: PinField, amount: number) => Problem[];
  unpin: (week: number, field: PinField) => void;
  cancel: () => void;
}
interface LedgerProps extends LaidAndShown {
  columns: Columns;
  selected: number;
  lit: readonly number[];
  onSelect: (week: number) => void;
  pinning: Pinning;
}
/**
 * The numbers of a block, column under column: the keyboard's home. Arrows
 * move, typing pins, Enter keeps, Escape drops, Delete unpins.
 */
export declare const Ledger: import('react').MemoExoticComponent<
  (props: LedgerProps) => import('react').JSX.Element
>;
export {};
