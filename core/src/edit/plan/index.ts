/** A coach's own plan, as a table, made a block. */

export { type PlannedBlock, planBlock, type PlanFor } from './plan-block.js';
export { type CameAs, drawnOut, type ReadDate } from './forms/index.js';
export { type Counted, countedIn } from './plan-unit.js';
export { type PlanCell, planCells, type PlanReading } from './plan-cells.js';
export { raceDateIn, raceDistanceIn } from './plan-race.js';
export { guessColumns, type PlanShape, startOfWeeks } from './plan-columns.js';
export { type PlanColumn, planColumnWords } from './plan-headings.js';
