/** Papers a wall sheet is printed on, landscape: points. */
export const papers = {
  a4: { width: 841.89, height: 595.28 },
  a3: { width: 1190.55, height: 841.89 },
} as const;
export type Paper = keyof typeof papers;

/** Ways a wall sheet is printed: on what, and on how many pages of it. */
export const wallSheets = {
  a4: { paper: 'a4', pages: 1 },
  a3: { paper: 'a3', pages: 1 },
  'a4-two': { paper: 'a4', pages: 2 },
} as const satisfies Record<string, { paper: Paper; pages: number }>;
export type WallSheet = keyof typeof wallSheets;

/** Weeks on each page of a wall sheet: as many on the first as on the second, or one more. */
export function weeksAPage(weeks: number, sheet: WallSheet): number {
  return Math.ceil(weeks / wallSheets[sheet].pages);
}

/** Smaller letters are not read on a wall, points. */
export const SMALLEST_LETTERS = 6.6;
const LARGEST: Readonly<Record<Paper, number>> = { a4: 9, a3: 12 };
/** Of a row’s height that its letters take, and what a row is at most of the largest letters. */
const OF_ROW = 0.6;
const TALLEST = 2.6;
/** What a wall sheet needs beside its rows, points, and what the drawing takes of the page. */
const AROUND: Readonly<Record<Paper, number>> = { a4: 128, a3: 168 };
const DRAWING = { least: 0.17, most: 0.27 } as const;

/** How the rows of a wall sheet stand on its paper, points. */
export interface RowPlan {
  letters: number;
  row: number;
  drawing: number;
}

/**
 * The drawing gives way to the rows, down to its least; letters are as large as a row
 * bears. Known before anything is drawn: a paper too small for its weeks is said.
 */
export function planRows(weeks: number, paper: Paper): RowPlan {
  const { height } = papers[paper];
  const rows = Math.max(1, weeks);
  const wished = rows * (LARGEST[paper] / OF_ROW);
  const room = height - AROUND[paper];
  const drawing = Math.max(height * DRAWING.least, Math.min(height * DRAWING.most, room - wished));
  const row = Math.min(TALLEST * LARGEST[paper], (room - drawing) / rows);
  return { letters: Math.min(LARGEST[paper], row * OF_ROW), row, drawing };
}
