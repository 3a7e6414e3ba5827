import { type Block } from '@nadir/core';
import { type Columns } from './columns.js';
/** The legs below the waterline: heavy down, fresh up, the lowest point named. */
export declare function LegsLayer({
  block,
  columns,
  top,
  bottom,
}: {
  block: Block;
  columns: Columns;
  top: number;
  bottom: number;
}): import('react').JSX.Element;
