/** What stands in the way of laying a spec out, with where and what to do. */

export { issuesOfPaces, validateRecord, validateToday } from './validate-paces.js';
export { issuesOfRules } from './validate-rules.js';
export { canResolve, validateSpec } from './validate.js';
