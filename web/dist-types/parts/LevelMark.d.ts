import type { Level } from '@nadir/core';
/** The mark of a check's level; the word stands beside it wherever it is used. */
export declare function LevelMark({
  level,
  size,
}: {
  level: Level;
  size?: number;
}): import('react').JSX.Element;
