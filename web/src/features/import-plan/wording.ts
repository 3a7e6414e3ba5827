import { plural } from '@nadir/core/base/format';

/* Words of the import of a plan, in one place: to be read over, and translated. */

// ImportPlanPage
export const goalRace = 'Goal race';
export const importAPlanNadir = 'Import a plan · Nadir';
export const importAPlan = 'Import a plan';
export const daysAndWeeksStayAsYouWrote =
  'Days and weeks stay as you wrote them; the rest is worked out.';
export const createBlock = 'Create block';
export const whoseAndForWhichRace = 'Whose, and for which race';
export const athlete = 'Athlete';
export const newAthlete = 'New athlete';
export const name = 'Name';
export const race = 'Race';
export const distance = 'Distance';
export const raceDay = 'Race day';
export const readFromThePlan = 'Read from the plan.';
export const figuresIn = 'Figures in';
export const thePlan = 'The plan';
export const aRecordOfThePast = ', a record of the past.';
export const cellsReadWeeksTo = (
  taken: number,
  weeks: number,
  raceDistance: string,
  text: string,
) => `${plural(taken, 'cell')} read: ${plural(weeks, 'week')}, ${raceDistance}${text}`;
export const daysThatCannotBeReadAreWorked = ' Days that cannot be read are worked out.';
export const itsWeeksBeginOn = (day: string) => `Its weeks begin on ${day}, and so do the block’s.`;
export const warmedUpSessions = (count: number) =>
  `${plural(count, 'session')} written without warming up or cooling down: what the week’s figure leaves is run around ${count === 1 ? 'it' : 'them'}.`;
export const raceWeekCountsTheRace = (left: string) =>
  `The figure of race week is taken to count the race: ${left} before it.`;
export const notUsed = (columns: readonly string[]) =>
  `Not used: ${columns.join(', ')}. Say above the table what ${columns.length === 1 ? 'it holds' : 'each holds'}, if it is wanted.`;
export const giveTheAthleteAName = ' Give the athlete a name.';

// PlanTable
export const theTableAsItIsRead = 'The table as it is read';
export const columnHolds = (index: number) => `Column ${index} holds`;
export const couldNotBeRead = ' (could not be read)';
export const andMoreRows = (count: number) => `And ${count} more rows, read like these.`;

// TableSource
export const theTableIsEmpty = 'The table is empty.';
export const onlyItsFirstRowsAreRead = (text: number) => `Only its first ${text} rows are read.`;
export const isLargerThanAnyPlan = (name: string) =>
  `${name} is larger than any plan: 2 MB is the limit. Nothing was read.`;
export const orDropAFileHere = 'or drop a file here: a spreadsheet (XLSX) or text (CSV)';
export const pasteThePlanHere =
  'Paste the plan here: weeks down and days across or the other way round, a calendar, or a day on every line.';
export const thePlanAsATable = 'The plan as a table';

// UnreadCells
export const cellsThatCouldNotBeRead = 'Cells that could not be read';
export const useAllSuggestions = (count: number) => `Use all ${count} suggestions`;
export const use = (suggestion: string) => `Use “${suggestion}”`;
export const inCells = (count: number) => `in ${plural(count, 'cell')}`;
export const andMore = (count: number) => `And ${count} more.`;
export const writeAnew = (text: string) => `Write “${text}” anew`;

// unused-columns
export const quoted = (text: string) => `“${text}”`;
export const columnAt = (place: number) => `column ${place}`;

// usePlan
export const noDaysOrFiguresWereFound =
  'No days or figures were found. Choose what each column holds.';
export const theTableHasNoDates =
  'The table has no dates. Set the race day, and the last row becomes race week.';
export const setTheRaceDay = 'Set the race day.';
