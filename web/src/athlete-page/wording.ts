import { plural } from '@nadir/core/base/format';

/* Words of the athlete’s page, in one place: to be read over, and translated. */

// AthletePage
export const today = 'Today';
export const wholeBlock = 'Whole block';
export const paces = 'Paces';
export const openingYourPage = 'Opening your page …';
export const notHereYet = {
  offline:
    'You are offline, and your page is not on this device yet. It opens as soon as you are back online.',
  unanswered:
    'The server is not answering, and your page is not on this device yet. It opens as soon as there is an answer.',
};
export const training = (athlete: string) => `${athlete} · Training`;
export const itsLastDay = (day: string, coach: string) =>
  `Its last day was ${day}. Ask ${coach} for a new link.`;
export const noBlockYet = 'No block yet';
export const yourNextOneIsShownHere = (coach: string) =>
  `Your next one is shown here as soon as ${coach} has laid it out.`;
export const views = 'Views';
export const updated = (day: string, clock: string) => `Updated ${day}, ${clock}.`;
const cause = { offline: 'Offline', unanswered: 'The server is not answering' };
type Away = keyof typeof cause;
export const away = (why: Away, readAt: string) => `${cause[why]}. ${readAt}`;
export const awaySavedOnThisDeviceWillSync = (why: Away, readAt: string) =>
  `${cause[why]}: saved on this device, will sync. ${readAt}`;
export const sendingNotes = (unsent: number) => `Sending ${plural(unsent, 'note')} …`;
export const checkingForChanges = 'Checking for changes …';
export const thisPageIsClosed = 'This page is closed';
export const whatYouNotedAndHasNotBeen = 'What you noted and has not been sent is still here:';

// BlockView
export const goal = (goal: string) => `, goal ${goal}`;
export const week = 'Week';
export const phase = 'Phase';
export const volumeDrawn = 'Volume, drawn';
export const long = 'Long';
export const weekFrom = (number: number, from: string) => `Week ${number}, from ${from}`;
export const recovery = ', recovery';
export const total = 'Total';
export const withoutTheRace = 'without the race';

// DayDone
export const asPlanned = 'As planned';
export const sendIt = 'Send it';
export const removeWhatINoted = 'Remove what I noted';
export const effort = 'Effort';
export const aWordTo = (called: string) => `A word to ${called}`;
export const howWereTheLegs = 'How were the legs, the ground, the sleep?';
export const soreOf10 = (where: string, level: number) => `Sore: ${where}, ${level} of 10`;
export const somethingHurts = 'Something hurts';
export const changeIt = 'Change it';
export const somethingElse = 'Something else';
export const noteWhatIDid = 'Note what I did';
export const slideOrTouch = 'slide or touch, 1 to 10';
export const meantOf10 = (from: number, to: number) => `meant: ${from}–${to} of 10`;

// EffortRuler
export const hardlyAny = 'hardly any';
export const effort1To10 = 'Effort, 1 to 10';
export const notSaidYet = 'not said yet';
export const of10 = (effort: number) => `${effort} of 10`;

// LinkedPage
export const thisLinkIsIncomplete = 'This link is incomplete';
export const openTheLinkYourCoachGave =
  'Open the link your coach gave you in full, or scan the code on your sheet.';

// MoveDay
export const youAskedToRun = (dayWords: string, called: string) =>
  `You asked to run this on ${dayWords}. ${called} has not answered yet.`;
export const movedToAsYouAsked = (dayWords: string) => `Moved to ${dayWords}, as you asked.`;
export const youAsked = (dayWords: string) => `You asked for ${dayWords}. It stays here.`;
export const notedOnThisDeviceYou = (dayWords: string) =>
  `Noted on this device: you ask to run this on ${dayWords}.`;
export const askToMoveThisDay = 'Ask to move this day';
export const toWhichDay = 'To which day';
export const reasonOptional = 'Reason (optional)';
export const ask = (called: string) => `Ask ${called}`;

// NotTaken
export const notAccepted = 'Not accepted';
export const itWasNotSent = 'It was not sent.';
export const tryAgain = 'Try again';
export const removeIt = 'Remove it';
export const yourNoteForWasNotAccepted = (dayWords: string) =>
  `Your note for ${dayWords} was not accepted.`;
export const yourNoteForWasNotRemoved = (dayWords: string) =>
  `Your note for ${dayWords} was not removed.`;
export const yourRequestToMove = (from: string, to: string) =>
  `Your request to move ${from} to ${to} was not accepted.`;
export const km = (distance: number) => `${distance} km`;
export const min = (round: number) => `${round} min`;
export const effortWithin = (effort: number) => `effort ${effort}`;
export const sore = (where: string, level: number) => `sore: ${where}, ${level}`;

// NotedSoFar
export const notedOnThisDevice = 'Noted on this device: ';
export const noted = 'Noted: ';

// PacesView
export const yourCoachHasSetNoPacesYet = 'Your coach has set no paces yet: run by feel.';
export const theRaceInEvenSplits = 'The race in even splits';
export const startNoQuickerThanTheFirstSplit = '. Start no quicker than the first split.';
export const at = 'At';
export const split = 'Split';
export const clock = 'Clock';

// PageHead
export const to = (name: string) => ` to ${name}`;

// SomethingElse
export const iRan = 'I ran';
export const iDidNotRun = 'I did not run';
export const iWalked = 'I walked';
export const iCycled = 'I cycled';
export const iSwam = 'I swam';
export const iRanInThePool = 'I ran in the pool';
export const strength = 'Strength';
export const noReasonGiven = 'no reason given';
export const byChoice = 'by choice';
export const whatWasDone = 'What was done';
export const why = 'Why';
export const distance = (unit: string) => `Distance, ${unit}`;
export const time = 'Time';
export const repetitionsOptional = 'Repetitions (optional)';
export const isNoDistance = (distance: string) =>
  `“${distance}” is not a distance: type 12 or 12.3.`;
export const enterADistanceOrATime = 'Enter a distance or a time.';

// SoreAnswer
export const where = 'Where';
export const leftCalf = 'left calf';
export const howMuch1To10 = 'How much, 1 to 10';
export const itChangesMyStride = 'It changes my stride';
export const stopRunningUntilItIsGone = (called: string) =>
  `Stop running until it is gone. Tell ${called}, and see a doctor or physiotherapist if it stays.`;
export const tell = (called: string) => `Tell ${called}`;

// TodayView
export const today2 = 'Today, ';
export const weekOf = (number: number, count: number, phase: string) =>
  `week ${number} of ${count} · ${phase}`;
export const yourBlockBeginsOn = (dayWords: string) => `Your block begins on ${dayWords}`;
export const nothingIsPlannedOnThisDay = 'Nothing is planned on this day';
export const yourRaceHasBeenRun = 'Your race has been run';
export const whatComesNext = (coach: string) =>
  `Rest first, then easy running as the legs allow. ${coach} says what comes next.`;
export const goalOf = (goal: string) => `Goal ${goal}`;
export const about = (hours: string) => `about ${hours}`;
export const repetitions = 'Repetitions';
export const inTotal = 'in';
export const per = (unit: string) => `per ${unit}`;
export const thisWeek = 'This week';
export const week2 = (number: number) => `Week ${number}`;

// WeekBars
export const rest = 'rest';
export const cross = 'cross';
export const ofRun = (run: number, figure: string, unit: string) =>
  `${run} of ${figure} ${unit} run`;
export const andTheRace = (distance: string) => ` and the race, ${distance}`;
export const notedWithin = ', noted';
export const missed = ', missed';

// link-calls
export const theAnswerCouldNotBeRead = 'The answer could not be read. Open the page again.';
export const thisField = 'This';
export const theDay = 'The day';
export const theTime = 'The time';
export const theDistance = 'The distance';
export const whereItHurts = 'Where it hurts';
