/** From a spec to a block, stage by stage. */

export type { Block, Week } from './block/block.js';
export { type Day, type DayRule, type DaySession, isHardRunning } from './block/day.js';
export { isBase } from './block/is-base.js';
export type { Context } from './context/context.js';
export { eventDays, weeksOfEvents } from './events/event-days.js';
export { paceWords } from './fill/session-words.js';
export { type Frame, frameWeeks } from './frame/frame.js';
export { layWeeks } from './lay-weeks.js';
export { dayLoad } from './load/legs.js';
export type { LongRunRule } from './longrun/lay-long-runs.js';
export type { Segment } from './longrun/lay-segments.js';
export { weekOfLongRun } from './longrun/limits.js';
export type { Phase } from './phases/lay-phases.js';
export { resolve, resolveSpec } from './resolve/resolve.js';
export { USUAL_RUN_DAYS } from './resolve/suggest-week.js';
export { suggestWeeks } from './resolve/suggest-weeks.js';
export { issuesOfPaces, validateToday } from './validate/validate-paces.js';
export { issuesOfRules } from './validate/validate-rules.js';
export { canResolve, validateSpec } from './validate/validate.js';
export { fullWeek, type VolumeRule } from './volume/climb.js';
export { countRises, weeksThatRise } from './volume/rises.js';
export { rolesOf } from './week/coach-week.js';
export { placeDays } from './week/place-days.js';
export { isRaced } from './week/plan-week.js';
