import type { HouseRules } from '../rules/index.js';
import type { Effort } from './efforts.js';

/** Seconds for metres. */
export type TimeFor = (distance: number) => number;

/** What a model makes of an athlete’s efforts. */
export interface PaceFit {
  timeFor: TimeFor;
  /** Whether a prediction lies where the model is known to hold. */
  holds: (distance: number, time: number) => boolean;
  /** What it found, in words. */
  words: string;
}

/** A way from some results to times for other distances. */
export interface PaceModel {
  title: string;
  /** What it is for, and what it costs, in a sentence each. */
  purpose: string;
  cost: string;
  /** A fit, or what the efforts lack for one, in a sentence. */
  fit: (efforts: readonly Effort[], rules: HouseRules) => PaceFit | string;
}
