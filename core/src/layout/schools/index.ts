/** The schools a coach chooses among, each with its title, its reason and its rule. */

export { climbsCarefully, growthSchools, mostOfARise } from './growth.js';
export { longRunLadders } from './ladders.js';
export { type LengthSchoolName, lengthSchoolNames, lengthSchools } from './lengths.js';
export { type LayoutPart, phaseLayouts } from './phase-layouts.js';
export { type RecoveryCadenceName, recoveryCadences, reEntrySchools } from './recovery.js';
export { segmentSchools, type SegmentShape } from './segments.js';
export { taperSchools } from './tapers.js';
