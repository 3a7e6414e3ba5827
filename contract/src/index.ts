export {
  type AddAthleteBody,
  type AthleteAnswer,
  type AthleteBody,
  type AthletePreview,
  type AthletePreviewBody,
  type AthleteStateBody,
  type BlockAnswer,
  type BlockHistory,
  type BlockList,
  type BlockVersion,
  type Coaching,
  type FirstCoachBody,
  type HistoryQuery,
  type HouseRulesBody,
  type LibraryBody,
  type NewBlockBody,
  type PacesBody,
  type PastBody,
  type PasswordBody,
  type OpenBlock,
  type PlannedDays,
  type Refusal,
  type SaveAthleteBody,
  type SaveBlockBody,
  type SettingsChange,
  type SignInBody,
  type Squad,
  type TemplateAnswer,
  type TemplateBody,
  type TemplateList,
  addAthleteBody,
  athlete,
  athleteBody,
  athletePreviewBody,
  athleteStateBody,
  block,
  coaching,
  firstCoachBody,
  historyQuery,
  houseRulesBody,
  library,
  libraryBody,
  newBlockBody,
  pacesBody,
  pastBody,
  passwordBody,
  refusal,
  saveAthleteBody,
  saveBlockBody,
  settingsChange,
  signInBody,
  squad,
  templateBody,
} from './api/bodies.js';
export { changeWords } from './api/change-words.js';
export { type RouteName, type RoutePath, paths } from './api/paths.js';
export { type Route, USUAL_BYTES, routes } from './api/routes.js';
export {
  type Parsed,
  givenOf,
  parseBlockFile,
  problemsOfShape,
  problemsOfWishes,
  soundSpec,
  readBlockFile,
  readWholeFile,
  type WholeFile,
} from './block-file/parse.js';
export { forNewBlock } from './block-file/for-new-block.js';
export { type LocatedProblem, locate } from './block-file/lines.js';
export {
  type BlockFile,
  type BlockTemplate,
  anyBlockFile,
  blockEvent,
  blockHeading,
  blockFile,
  blockTemplate,
  namedPaces,
  ruleChanges,
  sessionFamily,
} from './block-file/schema.js';
export { changedFile, templateOf, toBlockFile } from './block-file/write.js';
export { problemLine, problemsOf } from './problems.js';
export { problemOfStructure } from './structure.js';
export {
  type FitAnswer,
  type FitRequest,
  fitAnswer,
  fitRequest,
  fitTasks,
} from './fit-messages.js';
export {
  MOST_TRACK_BYTES,
  MOST_TRACK_FILES,
  type TracksAnswer,
  type TracksRequest,
  type RunsTableAnswer,
  runsTableAnswer,
  type RunsTableRequest,
  runsTableRequest,
  tracksAnswer,
  tracksRequest,
} from './track-messages.js';
export { type PlannedDay, historyOf, plannedDay } from './api/planned-days.js';
export {
  type Coach,
  type Glances,
  type Session,
  type Settings,
  measureFor,
  settings,
} from './api/first-answers.js';
export { REMOVED_DAYS, type Removed, type RemovedList, removedList } from './api/removed.js';
export {
  type CalendarBody,
  calendarBody,
  calendarQuery,
  type CalendarState,
} from './api/calendar.js';
export {
  type HandedOver,
  type HandoutBody,
  type HandoutFile,
  type HandoutForm,
  handoutBody,
  handoutForms,
  type HandoutList,
  type HandoutOrder,
  handoutOrder,
  type NumberFormat,
} from './api/handouts.js';
export {
  type AthleteRecord,
  type ChangeRecordBody,
  type KeptEntry,
  type KeptMorning,
  type KeptReview,
  type RecordChanged,
  type RecordQuery,
  type RemovedEntry,
  type WeekReview,
  changeRecordBody,
  morningNote,
  recordQuery,
  runEntry,
  weekReview,
} from './api/record.js';
export {
  type WatchBody,
  type WatchState,
  type WatchTracks,
  type WatchTracksQuery,
  watchBody,
  watchTracksQuery,
} from './api/watch.js';
export {
  MOST_SPREADSHEET_BYTES,
  type Spreadsheet,
  type SpreadsheetBody,
  spreadsheetBody,
} from './api/spreadsheets.js';
