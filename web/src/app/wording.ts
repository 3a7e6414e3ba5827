/* Words of the frame and the palette, in one place: to be read over, and translated. */

// BottomBar
export const placesOnAPhone = 'Places, on a phone';
export const more = 'More';
export const morePlaces = 'More places';
export const squad = 'Squad';
export const block = 'Block';
export const week = 'Week';
export const paces = 'Paces';
export const blocks = 'Blocks';

// DemoChip
export const signedInAsWithoutAPassword = (name: string) =>
  `Signed in as ${name} without a password. Everyone here is invented; change what you like.`;
export const demo = 'Demo';
export const demoSignedInAsWithoutAPassword = (name: string) =>
  `Demo: signed in as ${name} without a password`;

// KeysDialog
export const keys = 'Keys';
export const close = 'Close';

// NotHere
export const thereIsNothingHere = 'There is nothing here';
export const theAddressIsWrong = 'The address is wrong, or what stood here was removed. ';

// Rail
export const places = 'Places';

// Shell
export const skipToTheView = 'Skip to the view';
export const openingNadir = 'Opening Nadir';
export const loading = 'Loading …';

// ViewFailed
export const thisViewBroke =
  'This view broke. What you changed is kept on this device and will be saved when you open the block again.';
export const theServerDoesNotAnswer =
  'The server does not answer, so this view could not be loaded. What you changed is kept on this device.';
export const thisViewCouldNotBeLoaded =
  'This view could not be loaded. What you changed is kept on this device.';

// Palette
export const find = 'Find';
export const anAthlete = 'An athlete, a block, a week, a page or a command';
export const found = 'Found';
export const nothingHasThatName = 'Nothing has that name. A few letters of it will do.';

// useFound
export const recordOf = (name: string) => `Record of ${name}`;
export const week2 = (number: number, name: string) => `Week ${number}, ${name}`;
export const newBlock = 'New block';
export const compareBlocks = 'Compare blocks';
export const paceCardOfTheGroup = 'Pace card of the group';
export const lastWeekOfTheSquad = 'Last week of the squad';
export const namedPaces = 'Named paces';
export const undo = 'Undo';
export const redo = 'Redo';
export const tryAVersion = 'Try a version';
export const editPlan = 'Edit plan';
export const splitsAndRepetitions = 'Splits and repetitions';
export const print = 'Print';
export const showTheKeys = 'Show the keys';
export const theme = (other: string) => `Theme: ${other}`;

// places
export const sessions = 'Sessions';
export const houseRules = 'House rules';
export const settings = 'Settings';
export const sheet = 'Sheet';
export const hardDays = 'Hard days';
export const diary = 'Diary';
export const handouts = 'Handouts';

// SkipLinks
export const partsOfThisPage = 'Parts of this page';
export const skipToTheLedger = 'Skip to the Ledger';
export const skipToTheChecks = 'Skip to the checks';
export const skipToTheCells = 'Skip to the cells';
export const skipToTheDays = 'Skip to the days';
