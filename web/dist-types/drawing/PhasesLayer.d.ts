import type { Phase } from '@nadir/core';
import { type Columns } from './columns.js';
export declare function PhasesLayer({
  phases,
  columns,
  top,
  height,
  hatch,
}: {
  phases: readonly Phase[];
  columns: Columns;
  top: number;
  height: number;
  hatch: string;
}): import('react').JSX.Element;
