import { plural } from '@nadir/core/base/format';

/* Words of an athlete’s page, in one place: to be read over, and translated. */

// AthleteBlocks
export const blocks = 'Blocks';
export const noneYet = 'None yet.';

// AthletePage
export const openingTheRecord = 'Opening the record …';
export const nadir = (name: string) => `${name} · Nadir`;
export const newBlock = 'New block';
export const whatItChanges = 'What it changes';
export const checkingTheBlocks = 'Checking the blocks';
export const save = 'Save';
export const discard = 'Discard';
export const isBackOnTheSquad = 'is back on the squad';
export const isArchived = 'is archived';
export const isRemoved = 'is removed';
export const archive = 'Archive';
export const backToTheSquad = 'Back to the squad';
export const remove = 'Remove';

// BlocksTouched
export const noBlockIsStillToBeRaced = 'No block is still to be raced: nothing moves.';
export const savingChangesTheBlocksThatRead =
  'Saving changes the blocks that read this record. Untick one to leave it as it is.';
export const blocksThatReadThisRecord = 'Blocks that read this record';
export const noDayToComeMoves = 'no day to come moves.';
export const daysToComeWouldMove = (days: number) => `${plural(days, 'day')} to come would move.`;
export const staysAsItIs = (problem: string) => `stays as it is. ${problem}`;

// RecordFields
export const athlete = 'Athlete';
export const name = 'Name';
export const giveTheAthleteAName = 'Give the athlete a name.';
export const yearOfBirth = 'Year of birth';
export const stricterLimitsApplyThroughTheYear =
  'Stricter limits apply through the year the athlete turns 18.';
export const unit = 'Unit';
export const countedBy = 'Counted by';
export const forNewBlocks = 'For new blocks; those laid out already keep theirs.';
export const daysOff = 'Days off';
export const paceModel = 'Pace model';
export const howResultsAreMadeIntoTimes = 'How results are made into times for other distances.';
export const guardiansConsent = 'Guardian’s consent';
export const notNoted = 'Not noted. Speak to the guardian, and note the day.';
export const notedOnThisDay = 'Noted on this day.';
export const highestHeartRate = 'Highest heart rate';
export const beatsAMinute = 'Beats a minute.';
export const restingHeartRate = 'Resting heart rate';
export const fromTheHouseRules = '; from the house rules';
export const minutesOfRunningThatAnHourCounts = (text: string) =>
  `Minutes of running that an hour counts as${text}.`;
export const min = 'min';

// RecordResults
export const results = 'Results';
export const enterAResult = 'Enter a result';
export const removeOf = (what: string, day: string) => `Remove ${what} of ${day}`;

// YearOfRunning
export const theLastYear = 'The last year';
export const runByWeeks = (count: number, text: number, figure: number, unit: string) =>
  `Run by weeks: ${count} of ${text} known, at most ${figure} ${unit}`;
export const atMostAWeek = (figure: number, unit: string, count: number) =>
  `at most ${figure} ${unit} a week, ${count} weeks recorded`;

// useRecord
export const theRecordIsSaved = 'The record is saved.';
