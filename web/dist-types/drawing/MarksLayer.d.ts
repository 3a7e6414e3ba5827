import type { Block, CivilDate } from '@nadir/core';
import { type Columns } from './columns.js';
/** Race day and today. */
export declare function MarksLayer({
  block: { weeks, wishes },
  columns,
  top,
  bottom,
  today,
}: {
  block: Block;
  columns: Columns;
  top: number;
  bottom: number;
  today: CivilDate;
}): import('react').JSX.Element;
