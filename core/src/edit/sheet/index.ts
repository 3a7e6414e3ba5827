/** What is written in the cells of the sheet, and how they are read. */

export { dayText } from './cell-text.js';
export {
  type SheetCell,
  type SheetWriting,
  type UntakenCell,
  writeCells,
  type WrittenCell,
} from './sheet-command.js';
