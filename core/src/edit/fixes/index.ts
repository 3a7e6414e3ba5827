/** What may be done about a finding, tried out before it is offered. */

export { type AllowingRule, allowingRules, type AllowingRules } from './allowing-rules.js';
export type { Fix } from './fix.js';
export { fixesOf } from './fixes-of.js';
