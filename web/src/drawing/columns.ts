/** The shared column grid: a label column, then one equal column a week. */
export interface Columns {
  width: number;
  labels: number;
  weeks: number;
}

export const LABEL_WIDTH = 92;

export function columnWidth({ width, labels, weeks }: Columns): number {
  return Math.max(0, width - labels) / weeks;
}

/** Left edge of a week's column; `columnX(columns, weeks)` is the right end of the block. */
export function columnX(columns: Columns, index: number): number {
  return columns.labels + index * columnWidth(columns);
}
