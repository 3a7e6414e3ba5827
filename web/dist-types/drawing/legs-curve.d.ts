import type { LaidBlock } from '@nadir/core';
import type { Columns } from './columns.js';
/** The part of the drawing below the waterline, in pixels of it. */
export interface LegsCurve {
  curve: string;
  band: string;
  /** Height of day one. */
  zero: number;
  nadir: {
    x: number;
    y: number;
    week: number;
  };
  raceDay: {
    x: number;
    y: number;
  };
}
export declare function drawLegs(
  { legs, weeks }: Pick<LaidBlock, 'legs' | 'weeks'>,
  columns: Columns,
  {
    top,
    bottom,
  }: {
    top: number;
    bottom: number;
  },
): LegsCurve;
