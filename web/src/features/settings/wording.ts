import { plural } from '@nadir/core/base/format';

/* Words of the settings, in one place: to be read over, and translated. */

// AllMyData
export const isLargerThanAnyNadirArchive = (name: string) =>
  `${name} is larger than any Nadir archive. Nothing was added.`;
export const athletesBlocksAndRuns = (athletes: number, blocks: number, runs: number) =>
  `${plural(athletes, 'athlete')}, ${plural(blocks, 'block')} and ${plural(runs, 'run')}`;
export const withRulesPacesAndSettings = ', with rules, paces and settings';
export const added = (came: string, text: string) => `Added ${came}${text}.`;
export const allMyData = 'All my data';
export const everyAthlete =
  'Every athlete, block, diary, rule, pace and session in one archive of open files. ';
export const itIncludesHealthNotes =
  'It includes health notes: keep it private. When you bring it back in, everything is added as new and nothing already here changes.';
export const packing = 'Packing …';
export const downloadAllMyData = 'Download all my data';
export const bringingItIn = 'Bringing it in …';
export const aNadirArchiveToBringBack = 'A Nadir archive to bring back in.';

// PasswordForm
export const yourCurrentPasswordIsNeeded = 'Your current password is needed.';
export const tenCharactersOrMorePlease = 'Ten characters or more, please.';
export const thisIsNotTheSame = 'This is not the same as the new password.';
export const password = 'Password';
export const changePassword = 'Change password';
export const currentPassword = 'Current password';
export const newPassword = 'New password';
export const tenCharactersOrMore = 'Ten characters or more.';
export const newPasswordAgain = 'New password again';
export const passwordChanged = 'Password changed. Other devices are signed out.';

// SettingsPage
export const settingsNadir = 'Settings · Nadir';
export const settings = 'Settings';
export const saving = 'Saving …';
export const saved = 'Saved';
export const theSetting = (errorSentence: string) => `${errorSentence} The setting is as it was.`;
export const figures = 'Figures';
export const unit = 'Unit';
export const blocksAreKeptInMetresAndSeconds =
  'Blocks are kept in metres and seconds; this only changes how they are shown.';
export const eachAthletesOwn = 'each athlete’s own';
export const kilometresForAll = 'kilometres for all';
export const milesForAll = 'miles for all';
export const roundFiguresTo = 'Round figures to';
export const daysAlwaysAddUpToTheirWeek =
  'Days always add up to their week, and weeks to the block, in the step shown.';
export const weeks = 'Weeks';
export const aWeekStartsOn = 'A week starts on';
export const forNewBlocks = 'For new blocks; those laid out already keep theirs.';
export const themeAndKeys = 'Theme and keys';
export const theme = 'Theme';
export const asThisDevice = 'as this device';
export const singleKeys = 'Single keys';
export const keysThatAreOneLetterOrSign =
  'Keys that are one letter or sign alone, such as ? for the keys.';
export const on = 'On';
