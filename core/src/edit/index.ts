/** Commands on a spec, each with its change and its message. */

export { applyChange, type Change } from './change.js';
export { type Command, weekWords } from './command.js';
export { copyShape } from './copy-shape.js';
export { addEvent, changeEvent, removeEvent } from './events.js';
export { followingBlock } from './follow.js';
export { freeWeeks } from './free-weeks.js';
export { edgeRange, movePhaseEdge } from './phase-edge.js';
export { type PinField, pinWeek, unpinWeek } from './pin-week.js';
export { toggleRecovery } from './recovery-weeks.js';
export { isRestart, toggleRestart } from './restart-week.js';
export { scaleWeeks } from './scale-weeks.js';
export { movePeak, setTaperDepth, taperDepths } from './shape.js';
export { shiftWeeks } from './shift-weeks.js';
export {
  fromTemplate,
  partsOf,
  type Template,
  type TemplatePart,
  withoutParts,
} from './template.js';
export { templateDays, templateEvents } from './template-dates.js';
export { takeDefaults } from './take-defaults.js';
export { unwaive, waive, waiveAll } from './waive.js';
export { dropWeek, insertWeek } from './whole-weeks.js';
export { issuesOfPast } from './past.js';
