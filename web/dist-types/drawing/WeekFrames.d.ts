import type { Skyline } from './skyline.js';
/** What is lit behind the drawing: the weeks of a check in focus, and the selected week. */
export declare function WeekFrames({
  skyline,
  height,
  lit,
  selected,
}: {
  skyline: Skyline;
  height: number;
  lit: readonly number[];
  selected: number | undefined;
}): import('react').JSX.Element;
