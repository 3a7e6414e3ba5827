import type { Draft } from './desk.js';
export declare function keepDraft(kept: Draft): void;
export declare function dropDraft(blockId: string): void;
/** The kept version; undefined when there is none, or none that can be read. */
export declare function readDraft(blockId: string): Draft | undefined;
