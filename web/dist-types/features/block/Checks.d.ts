import { type Finding } from '@nadir/core';
/** What the block is told about itself, worst first; a check in focus lights its weeks. */
export declare function Checks({
  findings,
  onLight,
}: {
  findings: readonly Finding[];
  onLight: (weeks: readonly number[]) => void;
}): import('react').JSX.Element;
