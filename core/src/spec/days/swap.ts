import type { CrossKind } from '../../rules/index.js';

/** Why a run was swapped. */
export const swapReasons = ['soreness', 'weather', 'travel', 'other'] as const;
export type SwapReason = (typeof swapReasons)[number];

/** A run done otherwise, minute for minute. */
export interface Swap {
  kind: CrossKind;
  reason: SwapReason;
}
