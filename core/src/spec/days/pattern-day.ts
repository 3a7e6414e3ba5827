import type { CrossKind } from '../../rules/index.js';

/** What the coach may ask of one day. */
export const patternRoles = [
  'long',
  'quality',
  'semi-long',
  'easy',
  'short-easy',
  'recovery',
  'cross-train',
  'rest',
] as const;
export type PatternRole = (typeof patternRoles)[number];

/** Small work added to a run. */
export const addOns = ['strides', 'drills', 'hill-sprints'] as const;
export type AddOn = (typeof addOns)[number];

/** Work beside running, in minutes and never in kilometres. */
export const workKinds = ['strength', 'core', 'mobility'] as const;
export type WorkKind = (typeof workKinds)[number];

/** Whether such work goes with a day: as long as the house rules say, or so many seconds. */
export type Works = { [K in WorkKind]?: boolean | number | undefined };

/** Which of two runs on a day is the shorter one. */
export const doubleOrders = ['shorter-first', 'shorter-second', 'even'] as const;
export type DoubleOrder = (typeof doubleOrders)[number];

/** What each order is called. */
export const doubleOrderWords: Readonly<Record<DoubleOrder, string>> = {
  'shorter-first': 'the shorter run first',
  'shorter-second': 'the shorter run second',
  even: 'both about as long',
};

/** One day of the coach's cycle. */
export interface PatternDay extends Works {
  role: PatternRole;
  /** A second run on the same day. */
  double?: boolean | undefined;
  addOn?: AddOn | undefined;
  /** Of a cross-training day; the bike when left out. */
  cross?: CrossKind | undefined;
}

/** Days after which the coach's roles start over. */
export const cycleLengths = [7, 9, 10, 14] as const;

/** True for a role that is run. */
export function isRun(role: string): boolean {
  return role !== 'rest' && role !== 'cross-train' && role !== 'race';
}
