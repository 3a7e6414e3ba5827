import { plural } from '@nadir/core/base/format';

/* Words of the drawings, in one place: to be read over, and translated. */

// CalendarSection
export const weeksHeaviest = ({
  label,
  count,
  steps,
  unitName,
  words,
}: {
  label: string;
  count: number;
  steps: string;
  unitName: string;
  words: string;
}) => `${label}: ${count} weeks, heaviest ${steps} ${unitName}; ${words}`;

// HandlesLayer
export const pullIt = (label: string, text: string) =>
  `${label}: ${text}. Pull it, or use the arrows and Enter.`;

// LegsLayer
export const legsHeaviestByTheWorkOfWeek = (
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
export const ofAthlete = (name: string) => ` of ${name}`;
export const sectionWeeksTo = (weeks: number, race: string, athlete: string) =>
  `Section: ${weeks} weeks to ${race}${athlete}`;

// SessionLines
export const theSessionToScale = (words: string) => `The session to scale: ${words}`;

// SkylineLayer
export const aWeek = (unitName: string) => `${unitName} a week`;

// SmallSection
export const weeksHeaviest2 = (label: string, count: number, steps: string, unitName: string) =>
  `${label}: ${count} weeks, heaviest ${steps} ${unitName}`;

// TodayLine
export const today = (day: string) => `Today, ${day}`;
export const todayWithin = 'today';

// TrendLine
export const slower = 'slower';
export const quicker = 'quicker';
export const sinceTheFirst = (duration: string, text: string) =>
  `${duration} ${text} since the first`;
export const on = (duration: string, dayAndMonth: string) => `${duration} on ${dayAndMonth}`;

// WeekBar
export const weekAndVolume = (number: number, volume: string, unitName: string, text: string) =>
  `Week ${number}: ${volume} ${unitName}${text}`;
export const runSoFar = 'run so far';
export const raceWeek = 'race week';
export const longRun = (longRun: string) => `long run ${longRun}`;
export const recoveryWeek = (text: string) => `recovery week${text}`;
export const rebuildsFromHere = 'the block rebuilds from here';
export const rebuild = 'rebuild';
export const ofItAt = (segment: string, paceWords: string) => `${segment} of it at ${paceWords}`;

// WeekSquares
export const ofWeeks = (hit: number, count: number) => `${hit} of ${plural(count, 'week')}`;

// pace-hatches
export const racePace = 'race pace';
export const oneHourPace = 'one-hour pace';
export const halfHourPace = 'half-hour pace';

// session-lines
export const set = (text: number) => `set ${text}`;
