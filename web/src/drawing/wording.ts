import { plural } from '../components/dates.js';

/* Words of the drawings, in one place: to be read over, and translated. */

// CalendarSection
export const weeksHeaviest = ({
  label,
  length,
  steps,
  unitName,
  words,
}: {
  label: string;
  length: number;
  steps: string;
  unitName: string;
  words: string;
}) => `${label}: ${length} weeks, heaviest ${steps} ${unitName}; ${words}`;

// HandlesLayer
export const pullItOrUseThe = (label: string, text: string) =>
  `${label}: ${text}. Pull it, or use the arrows and Enter.`;

// LegsLayer
export const legsHeaviestByTheWork = (
  week: number,
  timesDayOne: string,
  raceMorningWords: string,
  text: string,
) =>
  `Legs: heaviest by the work of week ${week}, ${timesDayOne}; race morning ${raceMorningWords}. ${text}`;
export const nadirWeek = (week: number) => `nadir, week ${week}`;
export const legs = 'Legs';
export const times = 'times';
export const dayOne = 'day one';

// Overlay
export const forComparison = (name: string) => `For comparison: ${name}`;

// PeakMark
export const peak = 'peak';

// PhasesLayer
export const fixed = ', fixed';
export const phaseWeeksFromWeek = ({
  name,
  weeks,
  firstWeek,
  text,
  purpose,
}: {
  name: string;
  weeks: number;
  firstWeek: number;
  text: string;
  purpose: string;
}) => `Phase ${name}, ${weeks} weeks from week ${firstWeek}${text}: ${purpose}`;

// RaceFlag
export const raceDay = (name: string, day: string) => `Race day: ${name}, ${day}`;

// Section
export const ofWord = (name: string) => ` of ${name}`;
export const sectionWeeksTo = (length: number, name: string, name2: string) =>
  `Section: ${length} weeks to ${name}${name2}`;

// SessionLines
export const theSessionToScale = (flatMap: string) => `The session to scale: ${flatMap}`;

// SkylineLayer
export const aWeek = (unitName: string) => `${unitName} a week`;

// SmallSection
export const weeksHeaviest2 = (label: string, length: number, steps: string, unitName: string) =>
  `${label}: ${length} weeks, heaviest ${steps} ${unitName}`;

// TodayLine
export const today = (day: string) => `Today, ${day}`;
export const today2 = 'today';

// TrendLine
export const sinceTheFirst = (duration: string, text: string) =>
  `${duration} ${text} since the first`;
export const on = (duration: string, dayAndMonth: string) => `${duration} on ${dayAndMonth}`;

// WeekBar
export const week = (number: number, volume: string, unitName: string, text: string) =>
  `Week ${number}: ${volume} ${unitName}${text}`;
export const runSoFar = 'run so far';
export const raceWeek = 'race week';
export const longRun = (longRun: string) => `long run ${longRun}`;
export const recoveryWeek = (text: string) => `recovery week${text}`;
export const ofItAt = (segment: string, paceWords: string) => `${segment} of it at ${paceWords}`;

// WeekSquares
export const ofWeeks = (hit: number, length: number) => `${hit} of ${plural(length, 'week')}`;

// pace-hatches
export const racePace = 'race pace';
export const oneHourPace = 'one-hour pace';
export const halfHourPace = 'half-hour pace';

// session-lines
export const set = (text: number) => `set ${text}`;
