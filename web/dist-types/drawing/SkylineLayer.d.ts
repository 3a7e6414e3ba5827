import { type Block, type ShownBlock } from '@nadir/core';
import { type Columns } from './columns.js';
import type { Skyline } from './skyline.js';
export declare function SkylineLayer({
  skyline,
  block,
  shown,
  ground,
  columns,
  doneWeeks,
}: {
  skyline: Skyline;
  block: Block;
  shown: ShownBlock;
  ground: number;
  columns: Columns;
  doneWeeks: number;
}): import('react').JSX.Element;
