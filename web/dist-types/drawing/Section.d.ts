import type { Block, CivilDate, ShownBlock } from '@nadir/core';
import type { Columns } from './columns.js';
export interface SectionProps {
  block: Block;
  shown: ShownBlock;
  columns: Columns;
  height: number;
  today: CivilDate;
  selected?: number | undefined;
  /** Weeks that a check in focus is about. */
  lit?: readonly number[];
  onSelect?: ((week: number) => void) | undefined;
}
/** The drawing of a block: skyline above the waterline, legs below it, column by column. */
export declare const Section: import('react').MemoExoticComponent<
  (props: SectionProps) => import('react').JSX.Element
>;
