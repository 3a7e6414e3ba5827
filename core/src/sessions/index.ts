/** Sessions: shorthand, what they come to, how they progress, and the starting library. */

export {
  type LaidSession,
  laySession,
  type SessionTotals,
  sessionTotals,
} from './breakdown/lay-session.js';
export { isEasyRun, mainParts } from './breakdown/main-parts.js';
export type { Stretch } from './breakdown/stretch.js';
export { showSession } from './breakdown/show-session.js';
export { onceAsRun, runAsOnce } from './progressions/once.js';
export { progressionRules } from './progressions/progression-rules.js';
export { halved, scaled } from './progressions/scale.js';
export {
  alsoCalled,
  linkPaces,
  namePaces,
  nameParts,
  paceNamed,
  shortPaceName,
} from './shorthand/link-paces.js';
export { mentionsIn } from './shorthand/mentions.js';
export {
  readSession,
  sessionInUnit,
  sessionOf,
  type SessionProblem,
} from './shorthand/parse-session.js';
export { isBare, printSession } from './shorthand/print-session.js';
export { racedName } from './shorthand/raced.js';
export { metresOf } from './shorthand/amounts.js';
export { racedAlone } from './shorthand/raced-alone.js';
export {
  RACE_PACE,
  type SessionPaces,
  sessionPacesOf,
  sessionPacesOn,
} from './shorthand/session-paces.js';
export type { Part } from './shorthand/session.js';
export { readTyped } from './shorthand/read-typed.js';
