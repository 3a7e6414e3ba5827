import type { CivilDate } from '../../base/index.js';
import type { LongRunRule } from '../block/week.js';

/** The long run of one week, in m or s, and what it follows from. */
export interface LaidLongRun {
  longRun: number;
  rule: LongRunRule;
  /** The day it falls on; undefined when there is none. */
  date: CivilDate | undefined;
}

/** A long run before its day is looked up. */
export type UndatedLongRun = Omit<LaidLongRun, 'date'>;
