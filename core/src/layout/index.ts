/** From a spec to a block, stage by stage. */

export type { Context } from './context/context.js';
export { eventDays, racedIn } from './events/event-days.js';
export { paceWords } from './fill/session-words.js';
export { type Frame, frameWeeks } from './frame/frame.js';
export { layWeeks, legsAsPlanned } from './lay-weeks.js';
export { dayLoad } from './load/legs.js';
export { recordedLoad } from './load/recorded-load.js';
export { monotonyOf } from './load/monotony.js';
export { longRunFeasibility } from './longrun/long-run-feasibility.js';
export { mostOfARise } from './schools/index.js';
export { waysToPeak } from './volume/ways-to-peak.js';
export { weekOfLongRun } from './longrun/limits.js';
export { resolve, resolveSpec } from './resolve/resolve.js';
export { recentVolume } from './resolve/recent-volume.js';
export { usualRunDays } from './resolve/usual-run-days.js';
export { type HandedOut, type Past, pastOf, type WeekThen, weekThen } from './past/past.js';
export { suggestWeeks } from './resolve/suggest-weeks.js';
export { fullWeek, wholeWeek } from './volume/climb.js';
export { climbBegins, restartLongRun, restarts } from './written/restarts.js';
export { cutBeforeRace } from './taper/cut-before-race.js';
export { countRises, weeksThatRise } from './volume/rises.js';
export { rolesOf } from './wished/coach-week.js';
export { placeDays } from './wished/place-days.js';
export { fixedDatesOf } from './written/fixed-days.js';
export { Rota } from './written/rota.js';
export { writtenLength } from './sessions/session-lengths.js';
export { isRaced } from './week/roles.js';
