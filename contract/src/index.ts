export {
  type AthleteAnswer,
  type AthleteBody,
  type BlockAnswer,
  type BlockHistory,
  type Coach,
  type FirstCoachBody,
  type NewBlockBody,
  type PlannedSessions,
  type Refusal,
  type SaveBlockBody,
  type Session,
  type Settings,
  type SettingsChange,
  type SignInBody,
  type Squad,
  athlete,
  athleteBody,
  block,
  coach,
  firstCoachBody,
  newBlockBody,
  refusal,
  saveBlockBody,
  session,
  settings,
  settingsChange,
  signInBody,
  squad,
} from './api/bodies.js';
export { type Route, type RouteName, routes } from './api/routes.js';
export {
  type Parsed,
  givenOf,
  parseBlockFile,
  problemsOfWishes,
  readBlockFile,
} from './block-file/parse.js';
export { type BlockFile, blockFile } from './block-file/schema.js';
export { toBlockFile } from './block-file/write.js';
export { problemLine, problemsOf } from './problems.js';
