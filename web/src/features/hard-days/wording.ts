/* Words of the hard days, in one place: to be read over, and translated. */

// FixedWeekdays
export const theSameEveryWeek = 'The same every week';
export const typeItAsYouWouldADay = (unitName: string) =>
  `Type it as you would a day: 10, 6 ${unitName} easy, rest, 40 min pool, or a session. Enter keeps it; leave the field empty and the day is worked out.`;
export const free = (weekdayWords: string) => `Free ${weekdayWords}`;

// HardDaysPage
export const aBlock = 'a block';
export const hardDaysOfNadir = (name: string) => `Hard days of ${name} · Nadir`;
export const hardDays = 'Hard days';
export const whereChangesApply = 'Where changes apply';
export const applyToTheWholeBlock = 'Apply to the whole block';

// TurnField
export const asInThePhase = 'as in the phase';
export const asInThePhases = 'as in the phases';

// TurnsGrid
export const written = 'written';
export const recovery = 'recovery';
export const rotation = 'Rotation';
export const addADay = 'Add a day';
export const addADay2 = 'Add a day …';
export const sessionsOfEveryWeekInThePlaces =
  'Sessions of every week in the places of its hard days';
export const week = 'Week';
export const ofWhatWasWritten = (percent: string) => ` · ${percent} of what was written`;
export const ofWeek = (placeName: string, week: number) => `${placeName} of week ${week}`;
export const backToTheRotation = 'Back to the rotation';
