import type { PhaseKind } from '@nadir/core';
/** Pattern definitions for phase bands; `hatchOf` gives their address. */
export declare function Hatches({ id }: { id: string }): import('react').JSX.Element;
export declare function hatchOf(id: string, kind: PhaseKind): string;
