import type { CrossKind } from '../../rules/index.js';

/** Why a run was swapped. */
export const swapReasons = ['soreness', 'weather', 'travel', 'other'] as const;
export type SwapReason = (typeof swapReasons)[number];

/** A run done otherwise as it is laid out: as the coach swapped it, or indoors where few runs are to be outdoors. */
export interface LaidSwap {
  kind: CrossKind;
  reason: SwapReason | 'indoors';
}

/** A run done otherwise, minute for minute. */
export interface Swap {
  kind: CrossKind;
  reason: SwapReason;
}
