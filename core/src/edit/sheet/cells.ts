import type { CivilDate } from '../../base/index.js';

/** A cell of the sheet. */
export type SheetCell =
  | { kind: 'day'; date: CivilDate }
  | { kind: 'volume'; week: number }
  | { kind: 'longRun'; week: number };

export interface WrittenCell {
  cell: SheetCell;
  text: string;
}
