export {
  type AthleteAnswer,
  type AthleteBody,
  type BlockAnswer,
  type BlockHistory,
  type BlockList,
  type Coach,
  type FirstCoachBody,
  type HouseRulesBody,
  type NewBlockBody,
  type PlannedSessions,
  type Refusal,
  type SaveBlockBody,
  type Session,
  type Settings,
  type SettingsChange,
  type SignInBody,
  type Squad,
  type TemplateAnswer,
  type TemplateBody,
  type TemplateList,
  athlete,
  athleteBody,
  block,
  coach,
  firstCoachBody,
  houseRulesBody,
  newBlockBody,
  refusal,
  saveBlockBody,
  session,
  settings,
  settingsChange,
  signInBody,
  squad,
  templateBody,
} from './api/bodies.js';
export { type Route, type RouteName, routes } from './api/routes.js';
export {
  type Parsed,
  givenOf,
  parseBlockFile,
  problemsOfWishes,
  readBlockFile,
} from './block-file/parse.js';
export { type LocatedProblem, locate } from './block-file/lines.js';
export {
  type BlockFile,
  type BlockTemplate,
  NEWEST_VERSION,
  blockEvent,
  blockFile,
  blockTemplate,
  ruleChanges,
} from './block-file/schema.js';
export { changedFile, templateOf, toBlockFile } from './block-file/write.js';
export { problemLine, problemsOf } from './problems.js';
export {
  type FitAnswer,
  type FitRequest,
  fitAnswer,
  fitRequest,
  fitTasks,
} from './fit-messages.js';
