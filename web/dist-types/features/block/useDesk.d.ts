import type { DeskState } from './desk.js';
/** One thing of the desk; the component is drawn again only when that changes. */
export declare function useDesk<T>(select: (desk: DeskState) => T): T;
