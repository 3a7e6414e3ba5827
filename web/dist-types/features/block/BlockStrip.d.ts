import type { Block } from '@nadir/core';
/** Athlete, goal race, time to go; save state, undo, redo. */
export declare function BlockStrip({ block }: { block: Block }): import('react').JSX.Element;
