import { type Block, type CivilDate, type ShownBlock } from '@nadir/core';
/** The skyline of a block, small. */
export declare function SmallSection({
  block,
  shown,
  today,
  label,
}: {
  block: Block;
  shown: ShownBlock;
  today: CivilDate;
  label: string;
}): import('react').JSX.Element;
