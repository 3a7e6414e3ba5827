import { z } from 'zod';

/** Larger than any plan. */
export const MOST_SPREADSHEET_BYTES = 2_000_000;

/** A spreadsheet file (XLSX). */
export const spreadsheetBody = z.strictObject({
  base64: z.base64().max(Math.ceil((MOST_SPREADSHEET_BYTES * 4) / 3) + 4),
  /** The sheet that is wanted; else the first that holds anything. */
  sheet: z.string().min(1).max(31).optional(),
});
export type SpreadsheetBody = z.infer<typeof spreadsheetBody>;

/** The first sheet that holds anything, row by row. */
export const spreadsheet = z.object({
  name: z.string(),
  rows: z.array(z.array(z.string())),
  /** True where it has more rows than are read. */
  isCut: z.boolean(),
});
export type Spreadsheet = z.infer<typeof spreadsheet>;
