/* Words of the sessions, in one place: to be read over, and translated. */

// GroupRange
export const athlete = 'Athlete';
export const time = 'Time';
export const hard = (unit: string) => `Hard ${unit}`;
export const hardTime = 'Hard time';
export const theGroup = 'The group';

// Library
export const library = 'Library';
export const find = 'Find';
export const namePurposeOrTag = 'name, purpose or tag';
export const phase = 'Phase';
export const anyPhase = 'any phase';
export const notSavedYet = ' · not saved yet';
export const shownOfAll = (shown: number, all: number, unsaved: string) =>
  `${shown} of ${all}${unsaved}`;
export const myOwn = 'my own';
export const makeACopyMyOwn = 'Make a copy my own';
export const inABlockItIsRun = 'in a block it is run as written.';
export const inABlockEachIsSized = 'in a block each is sized to what came before.';
export const everyExposureAtThePaces = (whose: string, text: string) =>
  `Every exposure at the paces of ${whose}; ${text}`;
export const exposure = 'Exposure';
export const session = 'Session';

// OwnFamily
export const isNoNumberFrom0Up = (text: string) => `“${text}” is not a number from 0 up.`;
export const name = 'Name';
export const whatFor = 'What for';
export const by = 'By';
export const exposures = 'Exposures';
export const thenItStays = 'Then it stays as it is.';
export const beforeTheSet = 'Before the set';
export const runAtEveryExposure = 'Run at every exposure, before the main set.';
export const afterTheSet = 'After the set';
export const runAtEveryExposureStrides = 'Run at every exposure, strides for example.';
export const fit = 'Fit';
export const scaledToTheAthleteAndTheWeek =
  'Scaled to the athlete and the week. Otherwise run exactly as written.';
export const fitItToTheAthlete = 'Fit it to the athlete';
export const phases = 'Phases';
export const tags = 'Tags';
export const separatedByCommas = 'Separated by commas.';
export const remove = 'Remove';
export const lineByLine = 'line by line';
export const firstExposure = 'First exposure, without warm-up and cool-down';
export const progression = 'Progression';
export const lineByLineAsWritten = 'Line by line, as written';
export const exposuresOneALine = 'Exposures, one a line';

// ShorthandPage
export const sessionsNadir = 'Sessions · Nadir';
export const sessions = 'Sessions';
export const writtenInPlainWordsAndNumbers = 'Written in plain words and numbers.';
export const namedPaces = 'Named paces';
export const splits = 'Splits';
export const atThePacesOf = 'At the paces of ';
export const atThePacesOf2 = 'At the paces of';
export const theWholeSquad = 'the whole squad';
export const nobodyHasABlockYet =
  'Nobody has a block yet: lay one out, and sessions are worked out at its paces.';
export const howItIsWritten = 'How it is written';

// useLibrary
export const myWay = (name: string) => `${name}, my way`;
export const removed = (name: string) => `Removed “${name}”.`;
