/* Words of the splits, in one place: to be read over, and translated. */

// RepsPart
export const jogByTime = 'jog, by time';
export const jogByDistance = 'jog, by distance';
export const jogAsLongAsTheRepetition = 'jog as long as the repetition';
export const repetitions = 'Repetitions';
export const howMany = 'How many';
export const distanceOfOneM = 'Distance of one, m';
export const pacePer = (unit: string) => `Pace per ${unit}`;
export const yes = 'Yes';
export const recovery = 'Recovery';
export const metresBetween = 'Metres between';
export const timeBetween = 'Time between';
export const each = 'each';
export const n400MIn = '400 m in';
export const n200MIn = '200 m in';
export const hard = 'hard';
export const recoveries = 'recoveries';
export const oneFewerThanRepetitions = (recoveries: number) =>
  `${recoveries}, one fewer than repetitions`;
export const inAll = 'in all';

// SplitsDialog
export const splitsAndRepetitions = 'Splits and repetitions';
export const close = 'Close';

// SplitsPart
export const secondHalfQuicker = 'second half quicker';
export const ownShape = 'own shape';
export const splits = 'Splits';
export const distanceM = 'Distance, m';
export const target = 'Target';
export const by = 'By';
export const shape = 'Shape';
export const quickerBySKm = 'Quicker by, s/km';
export const sKmPartByPart = 's/km, part by part';
export const equalPartsOfTheWay = 'Equal parts of the way; only how they differ counts.';
export const moreThanSplits = (text: number) => `More than ${text} splits: choose longer ones.`;
export const everySplit = 'Every split';
export const at = 'At';
export const split = 'Split';
export const elapsed = 'Elapsed';
export const km = (number: number) => `${number} km`;

// read-figures
export const aDistanceInMetres = 'a distance in metres';
export const aNumberOfRepetitions = 'a number of repetitions';
export const repetitionsAreWhole = (text: string) => `“${text}”: repetitions are whole.`;
export const secondsPerKmFrom120To120 = 'Seconds per km from −120 to 120, with commas between.';
export const isNotTo = (text: string, what: string, least: number, most: number) =>
  `“${text}” is not ${what}: ${least} to ${most}.`;
