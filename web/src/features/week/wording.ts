import { plural } from '@nadir/core/base/format';

/* Words of the week, in one place: to be read over, and translated. */

// Beside
export const secondRun = 'Second run';
export const work = (words: string) => `${words} work`;
export const min = 'min';

// DayColumn
export const today = 'today';
export const move = (dayWords: string) => `Move ${dayWords}`;
export const lengthOf = (dayWords: string) => `Length of ${dayWords}`;
export const about = (hours: string) => `about ${hours}`;
export const evening = 'evening ';
export const instead = (title: string, reason: string) => `${title} instead: ${reason}`;
export const goal = (duration: string, pace: string) => `, goal ${duration}, ${pace}`;

// DayOver
export const overItStaysAsItWasHanded = (whyDay: string) =>
  `Over: it stays as it was handed out. ${whyDay}`;

// DayPanel
export const theGoalRaceIsMoved = 'The goal race is moved in Edit plan.';
export const aRaceOrTestIsMoved =
  'A race or test is moved in “Races & days away”, beside the block.';
export const role = 'Role';
export const makeRestDay = 'Make rest day';
export const copyTo = (copiedTo: string) => `Copy to ${copiedTo}`;
export const resetDay = 'Reset day';
export const giveTheDayARun = 'Give the day a run, and a session can be written for it.';
export const minutesAndSessionAreTyped =
  'Minutes and session are typed in the Sheet: 40 min pool: 10 x 2 min brisk, 1 min easy.';
export const arrowKeysOnTheDayFix =
  '. Arrow keys on the day fix its length; its segments are chosen in the plan.';
export const tuneUpRace = 'Tune-up race';
export const aRaceInstead = 'A race instead';
export const nameOfTheRace = 'Name of the race';
export const metresOfTheRace = 'Metres of the race';
export const raceHere = 'Race here';
export const runAfterAll = 'Run after all';
export const swapFor = 'Swap for …';
export const minuteForMinute = 'Minute for minute';
export const reason = 'Reason';
export const exposure = (name: string, exposure: number) => `${name}, exposure ${exposure}`;
export const session = 'Session';
export const keepSession = 'Keep session';
export const everyExposure = 'Every exposure';
export const backToTheWeeksOwn = 'Back to the week’s own';
export const paces = (title: string) => `Paces: ${title}.`;

// DaysSideBySide
export const the = (round: string, id: string) => `the ${round} ${id}`;
export const pickedUp = (dayWords: string) => `Picked up ${dayWords}.`;
export const over = (placeWords: string) => `Over ${placeWords}.`;
export const overNothing = 'Over nothing.';
export const putOn = (placeWords: string) => `Put on ${placeWords}.`;
export const putBack = 'Put back.';
export const days = 'Days';
export const theBefore = (round: string) => `the ${round} before`;
export const theAfter = (round: string) => `the ${round} after`;

// PastNotice
export const to = (first: string, last: string) => `${first} to ${last}`;
export const openForChanges = (which: string) =>
  `${which}: open for changes, laid out by the current plan.`;
export const overAndKeptAsHandedOut = (which: string) => `${which}: over, and kept as handed out.`;
export const closeThePast = 'Close the past';
export const changeThePast = 'Change the past';

// PhaseSessions
export const sessionsOfThePhase = 'Sessions of the phase';
export const sessionsIn = (words: string) => `Sessions in ${words}`;
export const qualityDay = (place: number) => `Quality day ${place}`;
export const asTheDayBefore = 'as the day before it, or strides';
export const otherPhase = ' (other phase)';

// WeekPage
export const aBlock = 'a block';
export const weekOfNadir = (number: string | number, name: string) =>
  `Week ${number} of ${name} · Nadir`;
export const noWeekIs = (asked: string, shown: number) =>
  `This block has no week or day “${asked}”. This is its week ${shown}.`;
export const week = (number: number) => `Week ${number}`;
export const print = 'Print';
export const weekWithin = (number: number) => `week ${number}`;
export const weekAsPlanned = 'Week as planned';
export const dayChecksAndSessions = 'Day, checks and sessions';
export const besideTheDays = 'Beside the days';
export const day = 'Day';
export const sessions = 'Sessions';
export const theDayBefore = 'The day before';
export const theDayAfter = 'The day after';
export const checks = 'Checks';
export const checks2 = (words: string) => `Checks, ${words}`;

// WeekStrip
export const weeksOfTheBlock = 'Weeks of the block';
export const weeks = 'Weeks';
export const theWeekBefore = 'The week before';
export const theWeekAfter = 'The week after';

// WeekSum
export const less = 'less';
export const more = 'more';
export const asPlanned = 'as planned';
export const thanPlanned = (by: string, text: string, run: string) =>
  `${by} ${text} than the ${run} planned`;
export const daysOfWeeks = (count: number, words: string) =>
  `${plural(count, 'day')} of weeks ${words}`;
export const runDay = 'run day';
export const perRunDayOfThem = (runDays: number) => `per run day, ${runDays} of them`;
export const hard = 'hard';
export const inAll = 'in all';
export const withCrossTrainingOnThe = (run: string) => `with cross-training, ${run} on the legs`;

// WeekTemplate
export const inUse = 'in use';
/** A week that is too light holds fewer runs than its name says. */
export const runsThatFit = (runs: number, named: number) =>
  runs < named ? `${runs} of ${named} runs fit` : plural(runs, 'run');

// WeekTemplates
export const weekTemplates = 'Week templates';
export const onlyIn = (words: string) => `Only in ${words}`;
export const noTemplate = 'No template';
export const dayByDay = 'Day by day';
export const day2 = (index: number) => `Day ${index}`;

// cycle-days
export const nextWeek = 'next week';
export const nextCycle = 'next cycle';
