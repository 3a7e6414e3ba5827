import type { LaidAndShown } from './useLaidBlock.js';
/** The block in six figures. */
export declare function BlockFacts({ block, shown }: LaidAndShown): import('react').JSX.Element;
