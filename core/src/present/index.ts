/** A block for people: its figures, its reasons, its findings in words, and two side by side. */

export { type ReasonKey, type Reasons, reasonsOf, whyWeeks } from './why/reasons.js';
export { type SheetRow, sheetRows, weekChange } from './sheet/rows.js';
export {
  type Sheet,
  type SheetDay,
  sheetDay,
  sheetDays,
  sheetOf,
  sheetTotal,
} from './sheet/sheet.js';
export { rowStart } from './sheet/row-start.js';
export { shortWords } from './sheet/short-words.js';
export { checkTitles } from './findings/check-titles.js';
export type { Measured } from './findings/measured.js';
export { tellFindings, type ToldFinding } from './findings/tell-findings.js';
export { whyDay } from './why/why-day.js';
export { whyLongRun, whyVolume } from './why/why.js';
