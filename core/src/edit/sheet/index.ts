/** What is written in the cells of the sheet, and how they are read. */

export { dayText } from './cell-text.js';
export type { SheetCell, WrittenCell } from './cells.js';
export { eventOf } from './race-cells.js';
export { readWork } from './read-beside.js';
export { readWeekday } from './read-weekday.js';
export {
  type GivesWay,
  type SheetWriting,
  type UntakenCell,
  type Writing,
  writeCells,
  writeDay,
} from './sheet-command.js';
