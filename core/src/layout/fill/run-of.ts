import type { CivilDate } from '../../base/index.js';
import type { LoosePace } from '../../paces/index.js';
import type { Context } from '../context/context.js';

/** Running of an amount on a date; amounts in m or s, as the block counts. */
export interface RunOf {
  amount: number;
  date: CivilDate;
  /** Of its easy running. */
  pace?: LoosePace;
}

/** Pace of the easy running of a run, s/km. */
export function easyOf({ easyOn, recoveryOn }: Context, { date, pace }: RunOf): number {
  return pace === 'recovery' ? recoveryOn(date) : easyOn(date);
}
