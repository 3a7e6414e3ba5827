import type { ShownBlock } from '@nadir/core';
import { type Columns } from './columns.js';
/** The part of the drawing above the waterline, in pixels of it. */
export interface Skyline {
  ticks: {
    y: number;
    steps: number;
  }[];
  outline: string;
  /** The filled ground of weeks done, and of weeks to come. */
  done: string;
  toCome: string;
  /** Top of each week and of its long run. */
  weeks: {
    x: number;
    width: number;
    top: number;
    longTop: number;
  }[];
}
/**
 * The skyline of weekly volume as one stepped outline.
 *
 * @param top pixel of the heaviest tick
 * @param ground pixel of the waterline
 * @param doneWeeks weeks that lie wholly in the past
 */
export declare function drawSkyline(
  shown: ShownBlock,
  columns: Columns,
  {
    top,
    ground,
    doneWeeks,
  }: {
    top: number;
    ground: number;
    doneWeeks: number;
  },
): Skyline;
