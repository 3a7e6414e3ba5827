import { plural } from '@nadir/core/base/format';

/* Words of the open block and its checks, in one place: to be read over, and translated. */

// BrokenVersion
export const thisVersionCannotBeLaidOut = 'This version cannot be laid out';
export const theStoredVersionIsSafe =
  'The stored version is safe. Opening it removes this one from the device: download this one first if you may need it.';
export const openTheStoredVersion = 'Open the stored version';
export const downloadWhatIsKeptHere = 'Download what is kept here';
export const history = 'History';

// ConflictDialog
export const twoUnsavedVersionsOfThisBlock = 'Two unsaved versions of this block';
export const thisBlockWasChangedElsewhere = 'This block was changed elsewhere';
export const twoTabsWereClosedBeforeTheirChanges =
  'Two tabs were closed before their changes were saved, and this device kept both. Choose the version to keep working on; Undo brings the other back.';
export const anotherTabOrDeviceSavedItSince =
  'Another tab or device saved it since you opened it. Nothing is lost; choose the version to keep working on.';
export const theLaterOne = 'The later one';
export const yoursOnThisPage = 'Yours, on this page';
export const theEarlierOne = 'The earlier one';
export const theOtherSaved = 'The other, saved';
export const atVersion = (clock: string, revision: number) => `at ${clock}, version ${revision}`;
export const useTheEarlierOne = 'Use the earlier one';
export const useTheOtherVersion = 'Use the other version (undo restores yours)';
export const useTheLaterOne = 'Use the later one';
export const keepMine = 'Keep mine; the other stays in the history';
export const fixedWeek = (pins: string) => `; fixed: week ${pins}`;
export const weeksInAll = (count: number, steps: string, unitName: string, pins: string) =>
  `${count} weeks, ${steps} ${unitName} in all${pins}.`;

// DayFigure
export const change = (label: string, figure: string) => `${label}: ${figure}. Change`;

// EditorNotices
export const openElsewhere = 'Open elsewhere';
export const thisBlockIsAlsoOpenInAnother =
  'This block is also open in another tab. What is saved in one appears in the other.';
export const keptOnThisDevice = 'Kept on this device';
export const thisDeviceKeepsAnUnsavedVersion =
  'This device keeps an unsaved version that another release of Nadir wrote; it cannot be opened here. ';
export const remove = 'Remove';

// InEditor
export const openingTheBlock = 'Opening the block …';

// MenuFigure
export const apply = 'Apply';

// OpenBlockTitle
export const goal = (aim: string) => `goal ${aim}`;
export const block = 'Block';
export const version = 'version ';

// PasteBar
export const fromTheClipboard = 'From the clipboard';
export const theClipboardHoldsNothingNewForThese =
  'The clipboard holds nothing new for these cells.';
export const fromTheClipboardCellsRead = (taken: number) =>
  `From the clipboard: ${plural(taken, 'cell')} read, drawn above.`;
export const cellsCannotBeTakenAndWillStay = (count: number) =>
  ` ${plural(count, 'cell')} cannot be taken and will stay.`;
export const cellsBeyondTheBlock = (outside: number) =>
  ` ${plural(outside, 'cell')} beyond the block, left out.`;
export const andMore = (count: number) => ` And ${count} more.`;
export const use = (suggestion: string) => `Use “${suggestion}”`;
export const discard = 'Discard';
export const takeCells = (taken: number) => `Take ${plural(taken, 'cell')}`;

// SaveLine
export const saved = (clock: string) => `Saved ${clock}`;
export const saving = 'Saving …';
export const offlineSavedOnThisDeviceWillSync = 'Offline: saved on this device, will sync';
export const offlineWillSync = 'Offline: will sync';
export const notSaved = 'Not saved';
export const twoUnsavedVersionsChooseOne = 'Two unsaved versions: choose one';
export const changedElsewhereChooseAVersion = 'Changed elsewhere: choose a version';
export const unsavedChangesAreNotKept = 'unsaved changes are not kept on this device';
export const notKeptOnThisDevice = 'not kept on this device';

// SignOut
export const notSignedOutTryAgain = 'Not signed out: try again';
export const signOut = 'Sign out';

// ThisWeek
export const theBlockCanBeNoShorter = 'The block can be no shorter or longer.';
export const lighterOrHeavier = 'Lighter or heavier';
export const lighterBy5Percent = 'Lighter by 5%';
export const heavierBy5Percent = 'Heavier by 5%';
export const scaleToPercent = 'Scale to, %';
export const recovery = 'Recovery and rebuilding';
export const makeBuilding = 'Make building';
export const makeRecovery = 'Make recovery';
export const rebuild = 'Rebuild from here';
export const noRebuild = 'Don’t rebuild from here';
export const moveAndCopy = 'Move and copy';
export const moveAWeekEarlier = 'Move a week earlier';
export const moveAWeekLater = 'Move a week later';
export const copyPatternToWeek = 'Copy pattern to week';
export const days = 'Days';
export const copyWeekSDaysToTheOthers = (first: number) =>
  `Copy week ${first}’s days to the others`;
export const copyWeekSDays = (first: number) => `Copy week ${first}’s days, scaled to each week`;
export const repeatItsEasyDaysEveryWeek = 'Repeat its easy days every week';
export const freeEverythingFixed = 'Free everything fixed';
export const weeksOfTheBlock = 'Weeks of the block';
export const insertAWeekBeforeWeek = (first: number) => `Insert a week before week ${first}`;
export const removeWeek = (first: number) => `Remove week ${first}`;
export const openItsDays = 'Open its days';
export const theseWeeks = (words: string) => `These weeks: ${words}`;
export const thisWeek = 'This week';

// UnsentDialog
export const notEverythingIsSaved = 'Not everything is saved';
export const theseChangesAreOnlyOnThisDevice =
  'These changes are only on this device. Signing out removes them from it.';
export const downloadThem = 'Download them';
export const signOutAndRemoveThem = 'Sign out and remove them';
export const staySignedIn = 'Stay signed in';

// autosave
export const savingBrokeOnThisPage =
  'Saving broke on this page. Reload it; what is kept comes back.';
export const theSaveBrokeOnThisPage = 'The save broke on this page. Reload it.';

// Checks
export const checks = 'Checks';
export const withThisChange = (shown: string) => `With this change: ${shown}.`;
export const waived = 'Waived';
export const alreadyRun = 'Already run';
export const checksTurnedOffInTheHouseRules = (off: number) =>
  `${plural(off, 'check')} turned off in the house rules.`;
export const whatFollowsIsInTheDiary = 'What follows is in the Diary.';
export const theRaceHasBeenRun = 'The race has been run.';
export const week = (from: number) => `Week ${from}.`;
export const weeksTo = (from: number, to: number) => `Weeks ${from} to ${to}.`;

// FindingItem
export const waivedWithin = (waived: string) => `, waived: ${waived}`;
export const worseSinceYouWaivedIt = (reopened: string) =>
  `, worse since you waived it: ${reopened}`;
export const theBlock = 'the block';
export const weekWithin = (first: number) => `week ${first}`;
export const weeks = (weeks: string) => `weeks ${weeks}`;

// Mending
export const fixed = (title: string, label: string) => `Fixed “${title}”: ${label}.`;
export const removeTheWaiver = 'Remove the waiver';
export const waive = 'Waive';
export const reasonToLetItStand = 'Reason to let it stand';
export const week3 = (weeks: string) => `week ${weeks}`;
export const only = (words: string) => `Only ${words}`;
export const noSingleChangeFixesThisSafely = 'No single change fixes this safely.';
export const more = (others: number) => `${others} more`;

// MyRules
export const thisIsHowICoach = 'This is how I coach: set my rules to this block';
export const setTheHouseRulesToThisBlock = 'Set the house rules to this block.';
export const myRules = 'My rules';
export const noHouseRuleCanBeSet = 'No house rule can be set to allow these.';
export const yourHouseRulesWouldBecome =
  'Your house rules would become, for this block and new ones:';
export const checksWouldRemain = (count: number) =>
  `${plural(count, 'check')} would remain: matters of safety, and what no rule sets.`;
export const setMyHouseRules = 'Set my house rules';
export const waiveChecks = (count: number) => `Waive ${plural(count, 'check')}`;
export const orAReasonToLetAll = 'Or a reason to let all of them stand';
export const leaveTheRulesAsThey = 'Leave the rules as they are';

// WaiveForm
export const aWaiverNeedsItsReason = 'A waiver needs its reason.';

// editor-slice
export const undone = (words: string) => `Undone: ${words}`;
export const redone = (words: string) => `Redone: ${words}`;
export const keptWhatWasTried = (words: string) => `Kept what was tried: ${words}`;
export const keptOverAnUnsavedVersion = 'Kept over an unsaved version.';
export const keptOverAVersionSavedElsewhere = 'Kept over a version saved elsewhere.';
export const tookAnotherUnsavedVersion = 'Took another unsaved version.';
export const tookTheVersionSavedElsewhere = 'Took the version saved elsewhere.';

// useCommands
export const thisBlockWasLaidOut =
  'This block was laid out by an older Nadir. Try the newer defaults first, then change it.';
