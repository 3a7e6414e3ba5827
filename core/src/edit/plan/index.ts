/** A coach's own plan, as a table, made a block. */

export { type PlannedBlock, planBlock, type PlanFor } from './plan-block.js';
export { weeksOfLines } from './plan-lines.js';
export { type PlanCell, planCells, type PlanReading, raceDateIn } from './plan-cells.js';
export {
  guessColumns,
  type PlanColumn,
  planColumnWords,
  type PlanShape,
  type ReadDate,
} from './plan-columns.js';
