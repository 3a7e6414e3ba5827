import { plural } from '@nadir/core/base/format';

/* Words of the blocks, their history and comparison, in one place: to be read over, and translated. */

// AlignedTable
export const volume = 'Volume';
export const longRun = 'Long run';
export const weeksToGo = 'Weeks to go';
export const titleOf = (title: string, name: string) => `${title} of ${name}`;
export const run = (unitName: string) => `Run, ${unitName}`;
export const runOf = (name: string) => `Run of ${name}`;

// BlocksPage
export const blocksNadir = 'Blocks · Nadir';
export const blocks = 'Blocks';
export const pastPresentAndToComeTemplatesFiles = 'Past, present and to come; templates; files';
export const importAPlan = 'Import a plan';
export const compare = 'Compare';
export const athlete = 'Athlete';
export const goalRace = 'Goal race';
export const raceDay = 'Race day';
export const weeks = 'Weeks';
export const block = 'Block';
export const whatCanBeDone = 'What can be done';
export const removedSBlockToward = (name: string, race: string) =>
  `Removed ${name}’s block toward ${race}.`;
export const runWithin = ' · run';
export const actionsFor = (name: string, race: string) => `Actions for ${name}, ${race}`;
export const open = 'Open';
export const history = 'History';
export const duplicate = 'Duplicate';
export const exportToAFile = 'Export to a file';
export const remove = 'Remove';
export const removedTheTemplate = (name: string) => `Removed the template “${name}”.`;
export const templates = 'Templates';
export const forAGroup = 'For a group …';
export const forAGroupFrom = (name: string) => `Blocks for a group from ${name}`;
export const noneYet =
  'None yet. “Keep as template”, under More on a block, keeps its shape for another athlete.';
export const weeksWithin = ' weeks';
export const startABlockFromIt = 'Start a block from it';
export const removeTemplate = (name: string) => `Remove template ${name}`;

// ComparePage
export const drawnSolid = 'Drawn solid';
export const drawnDashed = 'Drawn dashed';
export const drawnDotted = 'Drawn dotted';
export const compareNadir = 'Compare · Nadir';
export const noThirdBlock = 'no third block';
export const openingTheBlocks = 'Opening the blocks …';
export const twoBlocksAreNeededToCompare = 'Two blocks are needed to compare.';
export const whatDiffers = (name: string) => `What differs: ${name}`;

// HistoryPage
export const historyNadir = 'History · Nadir';
export const openingTheHistory = 'Opening the history …';
export const restoredVersion = (revision: number, words: string) =>
  `Restored version ${revision}: ${words}`;
export const backToTheBlock = 'Back to the block';
export const restoreThisVersion = 'Restore this version';
export const theChosenVersion = 'The chosen version';
export const theCurrentBlock = 'the current block';
export const theCurrentBlock2 = 'The current block';
export const versionAgainstNow = (revision: number) => `Version ${revision}, against now`;
export const now = 'now';
export const version = (revision: number) => `version ${revision}`;
export const changes = 'Changes';
export const changesNewestFirst = 'Changes, newest first';
export const olderChanges = 'Older changes';

// ImportBlock
export const unnamedAthlete = 'Unnamed athlete';
export const openABlockFile = 'Open a block file';
export const dropABlockFileHere =
  'Drop a block file here: one exported from Nadir, or written by hand in the open format.';
export const wasNotOpened = (name: string) => `${name} was not opened, and nothing was kept:`;
export const line = (line: number) => `line ${line}`;
export const andMore = (count: number) => `… and ${count} more.`;

// RemovedThings
export const theIsBack = (name: string, kind: string) => `${name}: the ${kind} is back.`;
export const removedInTheLastDays = (text: number, count: number) =>
  `Removed in the last ${plural(text, 'day')}: ${count}`;
export const removedOn = (kind: string, day: string) => ` · ${kind}, removed on ${day}`;
export const putBack = (name: string) => `Put back ${name}`;
export const putBack2 = 'Put back';

// useTakeDiary
export const theBlockWasKeptWithoutItsDiary = (errorSentence: string) =>
  `The block was kept without its diary. ${errorSentence}`;
