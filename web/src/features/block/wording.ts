import { plural } from '@nadir/core/base/format';

/* Words of the block, in one place: to be read over, and translated. */

// Aside
export const checks = 'Checks';
export const racesDaysAway = 'Races & days away';
export const solver = 'Solver';
export const checksAndShape = 'Checks and shape';
export const noProblems = 'no problems';
export const besideTheDrawing = 'Beside the drawing';

// BlockMenu
export const keptAsTemplate = (name: string) => `Kept as template “${name}”.`;
export const more = 'More';
export const history = 'History';
export const compare = 'Compare';
export const duplicate = 'Duplicate';
export const keepAsTemplate = 'Keep as template';
export const nextGoalRace = 'Next goal race';
export const exportToAFile = 'Export to a file';
export const exportWithTheDiary = 'Export with the diary';
export const whatWasRun = 'What was run';
export const whatWasRunAndThe = 'What was run, and the mornings (health)';

// BlockPage
export const block = 'Block';
export const nadir = (name: string) => `${name} · Nadir`;

// BlockTitle
export const editPlan = 'Edit plan';
export const tryAVersion = 'Try a version';
export const print = 'Print';

// DefaultsNotice
export const newerDefaults = 'Newer defaults';
export const thisBlockKeepsTheDefaults = 'This block keeps the defaults it was laid out under. ';
export const thisBlockWasLaidOut =
  'This block was laid out by an older Nadir and is shown as it was. ';
export const theNewerDefaultsWouldMoveNoDay = 'The newer defaults would move no day to come.';
export const theNewerDefaultsWouldMoveDays = (moved: number) =>
  `The newer defaults would move ${plural(moved, 'day')} to come.`;
export const tryTheNewerDefaults = 'Try the newer defaults';

// EventForm
export const aRaceOrDaysAway = 'A race or days away';
export const what = 'What';
export const name = 'Name';
export const on = 'On';
export const from = 'From';
export const to = 'To';
export const running = 'Running';
export const ofWhatTheseDaysWouldHold = 'Of what these days would hold.';
export const form = 'Form';
export const distance = 'Distance';
export const longRun = 'Long run';
export const keepTheChange = 'Keep the change';
export const add = 'Add';
export const cancel = 'Cancel';
export const byItsDistance = 'by its distance';
export const thisIsTheWeeksLongRun = 'this is the week’s long run';
export const aLongRunAsWell = 'a long run as well';

// EventForm
export const whatIWroteGivesWay = 'What I wrote around it gives way';

// EventList
export const racesAndDaysAway = 'Races and days away';
export const noneYet =
  'None yet. Add a tune-up race, a test, a camp, a holiday or travel: the block is laid out around each of them, and running that is missed is never made up.';
export const fromTo = (from: string, to: string) => `${from} to ${to}`;
export const change = 'Change';
export const changeIt = (name: string) => `Change ${name}`;
export const remove = 'Remove';
export const removeIt = (name: string) => `Remove ${name}`;
export const addARaceOrDaysAway = 'Add a race or days away';

// Ledger
export const weekIsOver = (week: number) =>
  `Week ${week} is over: it stays as it was handed out. To change it, open the week and choose “Change the past”.`;
export const copiedAsATable = 'Copied as a table.';
export const ledgerArrowsMoveTypeAFigure =
  'Ledger. Arrows move; type a figure to fix it; Delete frees it; copy and paste rows.';
export const fewerRows = 'Fewer rows';
export const moreRows = (hidden: number) => `${hidden} more rows`;

// LedgerCell
export const none = 'none';
export const over = ', over';
export const week = ({
  week,
  label,
  text,
  state,
  isOver,
}: {
  week: number;
  label: string;
  text: string;
  state: string;
  isOver: string;
}) => `Week ${week}, ${label}: ${text}${state}${isOver}`;
export const fixWeek = (week: number, label: string) => `Fix week ${week}, ${label}`;

// PullHint
export const byHand = 'By hand';
export const pullTheTopOfAWeek =
  'Pull the top of a week, a long run or the edge of a phase; or type a figure below.';
export const ok = 'OK';

// RaceAround
export const whatChangesAroundIt = 'What changes around it';
export const noOtherDayChanges = 'No other day changes.';

// RulesOffer
export const laidOutAgainUnderTodaysHouseRules = 'Laid out again under today’s house rules.';
export const houseRulesHaveChanged = 'House rules have changed';
export const yourHouseRulesHaveChangedSince =
  'Your house rules have changed since this block was laid out.';
export const noFigureOfThisBlockWouldMove = 'No figure of this block would move.';
export const useTheNewRules = 'Use the new rules';
export const keepAsItIs = 'Keep as it is';
export const seeWhatWouldChange = 'See what would change';

// SolverPanel
export const lowestGrowth = 'Lowest growth';
export const thatReachesThisPeak = 'that reaches this peak';
export const highestPeak = 'Highest peak';
export const underThisCap = 'under this cap';
export const fewestWeeks = 'Fewest weeks';
export const thatReachThisPeakUnderThisCap = 'that reach this peak under this cap';
export const recoveryWeeks = 'Recovery weeks';
export const bestPlacedAroundRacesAndDaysAway = 'best placed around races and days away';
export const growthCap = 'growth cap';
export const longRunWithin = 'long run';
export const thisBrowserHasNoWorkerThreads =
  'This browser has no worker threads, so there is no solver here. Everything else works: the checks say which rules the fixed figures exceed, and offer fixes.';
export const theSolverGaveNoAnswer = 'The solver gave no answer.';
export const whereFixedFigures =
  'Where fixed figures, rules and race day cannot all hold: the block that keeps every fixed figure and exceeds the fewest rules by the least.';
export const nearestBlock = 'Nearest block';
export const solveFor = 'Solve for';
export const solving = 'Solving';
export const stop = 'Stop';
export const theBlock = (message: string) => `${message} The block is as it was.`;
export const rulesExceeded = 'Rules exceeded, and by how much';
export const asItIs = 'as it is';
export const nearest = 'nearest';
export const apply = 'Apply';
export const discard = 'Discard';
export const weekWithin = (week: number, text: string, by: string) =>
  `week ${week}, ${text}: ${by}`;

// TryBar
export const tryingAVersion = 'Trying a version';
export const changesSoFar = (count: number) =>
  `: ${plural(count, 'change')} so far. The block as kept is drawn dashed; nothing is stored until you choose Keep.`;
export const keep = 'Keep';

// WeekDay
export const today = 'today';

// WeekDays
export const daysOfWeek = (number: number) => `Days of week ${number}`;
export const week3 = (number: number) => `Week ${number}`;
export const runs = (steps: string, unitName: string, runDays: number) =>
  `${steps} ${unitName}, ${runDays} runs`;
export const hard = (percent: string) => `${percent} hard`;

// ledger-rows
export const theOtherVersion = 'The other version, as far from the race.';

// useOverlay
export const asKept = 'as kept';
