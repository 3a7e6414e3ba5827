/* Words of the days of the diary, in one place: to be read over, and translated. */

// DayDetails
export const whatIsKnownOf = (dayWords: string) => `What is known of ${dayWords}`;
export const asItWasOn = (dayWords: string) => `As it was on ${dayWords}`;
export const repetitions = 'Repetitions';
export const asTheyWereCalledOut = 'As they were called out: 1:54 1:53 …';
export const effort = 'Effort';
export const n1To10 = '1 to 10.';
export const meanHeartRate = 'Mean heart rate';
export const howItWent = 'How it went';
export const weather = 'Weather';
export const foodAndDrink = 'Food and drink';
export const aColdAboveTheNeck = 'a cold, above the neck';
export const belowTheNeck = 'below the neck';
export const withFever = 'with fever';
export const slept = 'Slept';
export const n1To5FiveThe = '1 to 5, five the best.';
export const fresh = 'Fresh';
export const appetite = 'Appetite';
export const pulseAtRest = 'Pulse at rest';
export const sore = 'Sore';
export const whereLeftCalfRightKnee = 'Where: left calf, right knee.';
export const howMuch = 'How much';
export const itChangesTheStride = 'It changes the stride';
export const ill = 'Ill';

// DoneText
export const whatWasDoneOn = (dayWords: string) => `What was done on ${dayWords}`;
export const n12Km5800Or = '12 km 58:00, or missed, work';
export const notRecorded = 'not recorded';
export const doneOnWrite = (dayWords: string, words: string) =>
  `Done on ${dayWords}: ${words}. Write`;
export const recordWhatWasRun = 'Record what was run';

// Kept
export const aWholeNumberFromToIsNeeded = (text: string, least: number, most: number) =>
  `“${text}”: a whole number from ${least} to ${most} is needed.`;

// useDone
export const thereIsNothingLeftToRecord = (what: string) =>
  `There is nothing left to record of ${what}.`;
export const recordedAsPlanned = (what: string) => `Recorded ${what} as planned.`;
export const tookBackWhatWasRecorded = (words: string) =>
  `Took back what was recorded of ${words}.`;
export const recordedAsPlanned2 = (words: string) => `Recorded ${words} as planned.`;
export const recorded = (words: string) => `Recorded ${words}.`;
export const changedWhatWasRecordedOf = (dayWords: string) =>
  `Changed what was recorded of ${dayWords}.`;
export const keptTheMorningOf = (dayWords: string) => `Kept the morning of ${dayWords}.`;
