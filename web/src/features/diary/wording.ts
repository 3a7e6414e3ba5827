import { plural } from '@nadir/core/base/format';

/* Words of the diary and the review, in one place: to be read over, and translated. */

// AfterRace
export const afterTheRace = 'After the race';
export const raceWasRun = (name: string, ago: string) => `${name} was ${ago}.`;
export const quietAfter = (until: string, days: string, race: string) =>
  `Rest first, then easy running as the legs allow: nothing hard up to and including ${until}, ${days} after ${aRace(race)}.`;
export const careAfterTheRace =
  'Pain that changes the stride, chest pain, fever or dark urine: see a doctor.';
export const itsResultIsNotEntered = 'Its result is not entered yet. ';
export const enterTheResult = 'Enter the result';
export const nextGoalRaceFrom = (from: string, weeks: string, race: string) =>
  `No goal race before ${from}, ${weeks} after ${aRace(race)}. `;
const aRace = (race: string) => {
  // An 800 m race, an 8 km race, an 11 km race.
  const article = /^(?:8|1[18](?!\d))/.test(race) ? 'an' : 'a';
  return `${article} ${race}${race.endsWith('marathon') ? '' : ' race'}`;
};
export const layOutTheNextBlock = 'Lay out the next block';
export const whatWorked = 'What worked can be kept as a template, under More on the block. ';
export const compareIt = 'Compare it with another block';

// BringInPage
export const aBlock = 'a block';
export const bringInRunsOfNadir = (name: string) => `Bring in runs of ${name} · Nadir`;
export const addedRunsToTheDiary = (count: number) => `Added ${plural(count, 'run')} to the diary.`;
export const bringInRuns = 'Bring in runs';
export const backToTheDiary = 'Back to the diary';
export const whereFrom = 'Where from';
export const orDropFilesHere = 'or drop files here: text (CSV) or tracks (GPX 1.1)';
export const pasteFromASpreadsheet =
  'Paste from a spreadsheet, headings and all:\nDate  Distance  Time  Note';
export const runsAsATable = 'Runs as a table';
export const whatWasRead = 'What was read';
export const reading = 'Reading …';
export const notTaken = 'Not taken: ';
export const andMore = (count: number) => ` And ${count} more.`;
export const takeRuns = (count: number) => `Take ${plural(count, 'run')}`;
export const startAgain = 'Start again';
export const nothingIsKeptBeforeYouTake = 'Nothing is kept before you take it.';
export const runsStandHereBeforeTheyAreTaken =
  'Runs stand here before they are taken, each with its day; those that are known already are left out.';
export const column = (index: number) => `Column ${index}`;
export const holds = (name: string) => `${name} holds`;

// DaysThatWillNotDo
export const daysOffNeededThisWeek = 'Days off needed this week';
export const daysOffNeeded = 'Days off needed';
export const nothingIsToBeRunOnThose = 'Nothing is to be run on those days.';
export const apply = 'Apply';

// DiaryAside
export const review = 'Review';
export const aRaceToAdd = 'A race to add, or days away? ';
export const placeThemOnTheBlock = 'Place them on the block';
export const whatChangesIsShownBefore = ': what changes is shown before it is kept.';
export const whatHolds = 'What holds';
export const nothingStandsOut = 'Nothing stands out.';
export const nextWeek = 'Next week';
export const noWeekIs = (asked: string, shown: number) =>
  `This block has no week “${asked}” that has begun. This is its week ${shown}.`;
export const week = (number: number) => `Week ${number}`;
export const thisWeek = ', this week';
export const week2 = 'Week';
export const openWeek = (number: number) => `Open week ${number}`;

// DiaryPage
export const weekByWeek = 'The block week by week';
export const diaryOfNadir = (name: string) => `Diary of ${name} · Nadir`;
export const diary = 'Diary';
export const print = 'Print';
export const theBlockHasNotBegun =
  'The block has not begun. From its first day on, what is run is recorded here and compared with the plan.';

// DoneSteps
export const planned = (planned: number) => `planned ${planned}`;
export const plannedRun = (planned: number, run: number) => `planned ${planned}, run ${run}`;

// FromAthlete
export const theAthlete = 'the athlete';
export const from = (name: string) => `From ${name}`;
export const yourReply = 'Your reply';
export const thatDayIsOver = 'That day is over.';
export const asksToMoveTo = (from: string, to: string) => `Asks to move ${from} to ${to}`;
export const leaveItWhereItIs = 'Leave it where it is';
export const replyOptional = 'Reply (optional)';

// Lanes
export const easyPace = 'Easy pace';
export const quickerIsUp = 'quicker is up';
export const loadADay = 'Load a day';
export const minutesEffort = 'minutes × effort';
export const mornings = 'Mornings';
export const freshUpSoreDown = 'fresh up, sore down';

// MatchTable
export const fillsWhatWasTyped = 'fills what was typed';
export const knownAlready = 'known already';
export const notTakenWithin = 'not taken';
export const take = 'Take';
export const day = 'Day';
export const start = 'Start';
export const done = 'Done';
export const repetitionsOrSplits = 'Repetitions or splits';
export const status = 'Status';
export const times = (count: number) => `${count} times`;
export const andMoreTakenLikeThese = (count: number) => `And ${count} more, taken like these.`;

// OneProposal
export const leaveIt = 'Leave it';
export const noWeekChanges = 'No week changes.';
export const backToThePlan = 'Back to the plan';
export const preview = 'Preview';

// RepsTicks
export const repetitions = 'Repetitions';
export const set = (tenths: string) => `; set ${tenths}`;

// ReviewHead
export const weekInReview = (number: number) => `Week ${number} in review`;
export const plannedWithin = (unit: string) => ` ${unit} planned `;
export const nothingRecorded = 'nothing recorded';
export const soFar = ' so far';
export const run = (text: string) => ` run${text} `;
export const daysNotKnown = (unknown: number) => `${plural(unknown, 'day')} not known`;
export const weekWithin = (number: number) => `week ${number}`;
export const weekAsPlanned = 'Week as planned';
export const theWeekBefore = 'The week before';
export const theWeekAfter = 'The week after';

// SmallChange
export const week4 = (number: number, steps: string) => `week ${number} ${steps}`;
export const noWeeksVolumeChanges = 'no week’s volume changes';
export const weeksAsTheyWouldBecome = (unitName: string, words: string) =>
  `Weeks as they would become, ${unitName}: ${words}`;

// ToAthlete
export const to = (name: string) => `To ${name}`;
export const under18 =
  'Under 18, and no guardian’s consent is noted. Note it in the athlete’s record, and write to the guardian too.';
export const keptTheReviewOfTheWeek = 'Kept the review of the week.';
export const keepAgain = 'Keep again';
export const closeTheReview = 'Close the review';
export const copiedPasteItIntoAMessage = 'Copied. Paste it into a message.';
export const copy = 'Copy';
export const asProposed = 'As proposed';

// WatchCard
export const theWatchHasNothingFromTheLast = 'The watch has nothing from the last two weeks.';
export const watch = 'Watch';
export const aSimulatedWatchIsConnected =
  'A simulated watch is connected. It hands out the last two weeks.';
export const noWatchIsConnected =
  'No watch is connected. A simulated one comes with Nadir, to try this with.';
export const synchronise = 'Synchronise';
export const disconnect = 'Disconnect';
export const connectTheSimulatedWatch = 'Connect the simulated watch';

// WeekDone
export const quicker = 'quicker';
export const slower = 'slower';
export const weekDayByDay = (number: number) => `Week ${number}, day by day`;
export const asPlanned = 'As planned';
export const toCome = 'to come';
export const planned3 = 'planned ';
export const doneWithin = 'done ';
export const keySessions = 'Key sessions';
export const mean = 'mean ';
export const spread = ', spread ';
export const theLastThirdThanTheFirst = (duration: string, text: string) =>
  `, the last third ${duration} ${text} than the first`;
export const asSet = 'as set';
export const sThanSet = (by: string, text: string) => `${by} s ${text} than set`;

// WeekGoal
export const met = 'Met';
export const metInPart = 'Met in part';
export const notMet = 'Not met';
export const goalOfTheWeek = 'Goal of the week';
export const whatTheWeek = 'What the week is for, in a sentence';
export const keptTheGoalOfTheWeek = 'Kept the goal of the week.';
export const whetherItWasMet = 'Whether it was met';
export const keptWhetherTheGoalWasMet = 'Kept whether the goal was met.';

// WhatToDo
export const whatToDo = 'What to do';
export const nothingToDo = 'Nothing to do: carry on with the plan.';
export const nothingChangesUntilYouApply = 'Nothing changes until you apply it.';

// useBringIn
export const noColumnOfDatesWasFound =
  'No column of dates was found, or none of distances or times. Give the columns headings: Date, Distance, Time.';
export const itCouldNotBeRead = 'It could not be read on this device. Nothing was taken.';
export const theTable = 'the table';
export const itIsLargerThan40Mb = 'It is larger than 40 MB.';
export const onlyTheFirstFilesAreRead = (text: number) => `Only the first ${text} files are read.`;
