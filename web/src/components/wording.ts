import { plural } from '@nadir/core/base/format';

/* Words of the shared parts, in one place: to be read over, and translated. */

// ActMenu

// BlockFacts
export const none = 'none';
export const weeksOut = (toGo: number) => `${plural(toGo, 'week')} out`;
export const growthBuildingWeeks = 'Growth, building weeks';
export const meanMost = (mean: string, most: string) => `${mean} mean, ${most} most`;
export const recoveryWeeks = 'Recovery weeks';
export const heaviestWeek = 'Heaviest week';
export const longestRun = 'Longest run';
export const taper = 'Taper';
export const raceWeek = (title: string, percent: string) => `${title}, race week −${percent}`;
export const legsAtTheNadir = 'Legs at the nadir';
export const byWeek = (timesDayOne: string, week: number) => `${timesDayOne}, by week ${week}`;
export const legsOnRaceMorning = 'Legs on race morning';
export const total = 'Total';
export const shapeOfThisBlock = 'Shape of this block';

// Countdown
export const toGo = ' to go';

// DateAnswer
export const openTheCalendar = 'Open the calendar';
export const isNoDay = (typed: string) => `“${typed}” is not a date. Type it as 9 May 2027.`;

// DifferenceList
export const noFiguresDiffer = 'No figures differ.';
export const what = 'What';

// DropZone
export const chooseFiles = 'Choose files';
export const chooseAFile = 'Choose a file';

// ErrorNote
export const tryAgain = 'Try again';

// Field

// FindingLines
export const checks = 'Checks';
export const noProblemsFound = 'No problems found.';

// HealthAnswers
export const health = 'Health';
export const oftenHurtGentlerGrowthThree =
  'Often hurt: gentler growth, three easy runs a week. Injured: nothing hard until you lift it. Pain that changes the stride belongs to a doctor or physiotherapist, who says when hard running may begin again.';
export const oftenHurt = 'Often hurt';
export const injured = 'Injured';

// MessageBar
export const undo = 'Undo';

// NumberAnswer
export const aWholeNumberFromToIsNeeded = (bad: string, least: number, most: number) =>
  `“${bad}”: a whole number from ${least} to ${most} is needed.`;

// ResultForm
export const theDistance = 'the distance';
export const theTime = 'the time';
export const aResult = 'A result';
export const name = 'Name';
export const on = 'On';
export const whatWasSet = 'What was set';
export const time = 'Time';
export const coveredM = 'Covered, m';
export const metres = 'Metres';
export const conditions = 'Conditions';
export const windHeatHills = 'wind, heat, hills';
export const allOut = 'All-out';
export const pacesChangeOnlyWhenYouRePace =
  'Paces change only when you re-pace. Nothing is predicted from a run that was not all-out.';
export const keepTheResult = 'Keep the result';
export const cancel = 'Cancel';

// SessionBreakdown
export const rest = 'rest';
export const inAll = 'In all';
export const hard = 'Hard';
export const hardTime = 'Hard time';
export const hardShare = 'Hard share';
export const piece = 'Piece';
export const times = 'Times';
export const each = 'Each';
export const pace = 'Pace';
export const workedOutAtAGuess =
  'With no result and no goal, lengths are worked out at a guess from recent weeks. Run it by feel.';

// SessionEditor
export const at = (message: string) => `At ${message}`;
export const noPaceIsCalled = (doubt: string) => `No pace is called ${doubt}: counted as easy.`;
export const use = (suggestion: string) => `Use “${suggestion}”`;

// SquadLink
export const goToTheSquad = 'Go to the squad';

// StateMark
export const fixed = ' fixed ';
export const askedInThePlan = ' asked in the plan; no mark: worked out';

// download-json

// printed-on
export const printed = (day: string) => `printed ${day}`;

// record
export const theServerDoesNotAnswer =
  'The server does not answer: nothing of this was kept. Write it again when it is back.';

// result-draft
export const giveTheDayItWasRun = 'Give the day it was run.';
export const thatDayIsStillToCome = 'That day is still to come: enter it when it has been run.';
export const typeTheDistance = 'Type the distance: 5000, 10 km or half marathon.';
export const isNoRaceInMetres = (typed: string) =>
  `“${typed}” is not a race in metres. Type ${typed} km or ${typed} mi.`;
export const isNoRace = (typed: string) =>
  `“${typed}” is not a race from 400 m to 100 km. Check the unit.`;

// rule-figure
export const aWholeNumber = 'a whole number';
export const aFigure = 'a figure';
export const fromToIsNeeded = ({
  text,
  wanted,
  least,
  most,
  name,
}: {
  text: string;
  wanted: string;
  least: string;
  most: string;
  name: string;
}) => `“${text}”: ${wanted} from ${least} to ${most}${name} is needed.`;

// useCopy
export const thisBrowserDoesNotLetAPage =
  'This browser does not let a page copy. Select the text and copy it by hand.';
