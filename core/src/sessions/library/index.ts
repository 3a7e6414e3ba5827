/** Families of sessions: the starting library, and how a family goes on. */

export { exposuresIn, firstExposure, mainSetOf, nextExposure, wholeSet } from './exposure.js';
export { exposuresOf } from './exposures-of.js';
export { startingFamilies } from './starting-library.js';
export { suggestUses } from './suggest-uses.js';
export { issuesOfFamilies, textsOf } from './validate-families.js';
