/** The shared column grid: a label column, then one equal column a week. */
export interface Columns {
  width: number;
  labels: number;
  weeks: number;
}
export declare const LABEL_WIDTH = 92;
export declare function columnWidth({ width, labels, weeks }: Columns): number;
/** Left edge of a week's column; `columnX(columns, weeks)` is the right end of the block. */
export declare function columnX(columns: Columns, index: number): number;
