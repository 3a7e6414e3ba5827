/** What leaves the desk: one model of a block, and the tables and texts made from it. */

export {
  type DayMark,
  type Handout,
  type HandoutDay,
  type HandoutWeek,
  handoutOf,
} from './handout.js';
export {
  papers,
  planRows,
  type RowPlan,
  SMALLEST_LETTERS,
  type WallSheet,
  wallSheets,
  weeksAPage,
} from './paper.js';
export { type Card, paceCard, raceCard, sessionCard } from './cards.js';
export { type CameBack, cameBack } from './take-back.js';
export { amountOf, daysTable, type Table, type TableCell, weeksTable } from './tables.js';
export { weekMarkdown, weekText } from './week-text.js';
