/* Words of the paces, in one place: to be read over, and translated. */

// AthleteCard
export const paceCard = (name: string) => `Pace card, ${name}`;
export const asItIsPrinted = 'As it is printed.';
export const goal = (duration: string) => ` · goal ${duration}`;
export const pacesOf = (day: string, title: string) => ` · paces of ${day}: ${title}`;
export const fromInOn = (race: string, duration: string, day: string) =>
  `, from ${race} in ${duration} on ${day}`;
export const pace = 'Pace';
export const treadmill = 'Treadmill';
export const beats = 'Beats';
export const feelsLike = 'Feels like';
export const talk = 'Talk';
export const heatHillsWindAndABadNight =
  'Heat, hills, wind and a bad night make every pace slower: go by effort then. Pain that changes your stride, chest pain or fever: stop, tell your coach and see a doctor or physiotherapist.';

// EquivalentsTable
export const equivalentTimesByModel = 'Equivalent times by model';
export const equivalents = 'Equivalents';
export const remove = (race: string) => `Remove ${race}`;
export const beyondWhereThisModelHolds = ', beyond where this model holds';
export const residual = (race: string, dayAndMonth: string) => `Residual, ${race} ${dayAndMonth}`;
export const aMarksWhereAModel =
  ' A “?” marks where a model is not known to hold. Residual: how much longer a result took than the model says.';
export const ownDistance = 'Own distance';
export const add = 'Add';

// GroupCard
export const splitsOfRepetitionsAtPace = (name: string) => `splits of repetitions at ${name} pace`;
export const perKmPerMileFor = 'per km, per mile for those who run by miles';
export const pacesOfTheGroup = (name: string) => `${name}: paces of the group`;
export const athlete = 'Athlete';
export const paceCardOfTheGroup = 'Pace card of the group';
export const goalRace = 'Goal race';
export const paces = 'Paces';
export const orSplitsOfRepetitionsOver = 'or splits of repetitions over';
export const metresOfRepetitions = 'Metres of repetitions';
export const at = 'at';
export const paceOfRepetitions = 'Pace of repetitions';
export const upToEightDistancesOf50 =
  'Up to eight distances of 50 to 42 195 m, with commas between.';

// GroupPdf
export const making = 'Making …';
export const downloadAsPDF = 'Download as PDF';

// Guessed
export const aGuess = 'A guess: no result is near enough to tell.';
export const aGuessNoResultIsNear = ', a guess: no result is near enough to tell';

// HeartRates
export const heartRates = 'Heart rates';
export const highestHeartRate = 'Highest heart rate';
export const restingHeartRate = 'Resting heart rate';

// NamedPaceRow
export const n5Km = '5 km';
export const n10Km = '10 km';
export const halfMarathon = 'half marathon';
export const tenMinuteRace = 'ten-minute race';
export const halfHourRace = 'half-hour race';
export const oneHourRace = 'one-hour race';
export const twoHourRace = 'two-hour race';
export const percentOfHighest = '% of highest';
export const percentOfReserve = '% of reserve';
export const race = (race: number) => `race ${race}`;
export const lasts = (lasts: number) => `lasts ${lasts}`;
export const feelsLikeWithin = 'feels like';
export const alsoCalled = 'Also called';
export const alsoCalledWithin = 'also called';
export const nameOf = (name: string) => `Name of ${name}`;
export const wrong = (id: string) => `${id}-wrong`;
export const aFigureIsNeeded = (typed: string, least: number, most: number) =>
  `“${typed}”: a figure from ${minus(least)} to ${minus(most)} is needed.`;
export const tooManyWords = (most: number) =>
  `At most ${most} other words are kept: leave some out.`;
export const wordTooLong = (word: string, most: number) =>
  `“${word}”: at most ${most} letters are kept. Put a comma between words.`;
const minus = (figure: number) => String(figure).replace('-', '−');
export const quickEnd = (perUnit: string) => `quick end, ${perUnit}`;
export const slowEnd = (perUnit: string) => `slow end, ${perUnit}`;
export const heartRate = 'heart rate';
export const heartRateWithin = (end: string) => `heart rate ${end}`;
export const moveUp = (name: string) => `Move ${name} up`;
export const moveDown = (name: string) => `Move ${name} down`;
export const remove2 = (name: string) => `Remove ${name}`;

// NamedPacesPage
export const namedPacesNadir = 'Named paces · Nadir';
export const notSavedYet = 'Not saved yet';
export const saving = 'Saving …';
export const saved = 'Saved';
export const namedPaces = 'Named paces';
export const slowestFirst = 'Slowest first; each is a race pace, plus or minus seconds.';
export const notSaved = 'Not saved';
export const addAPace = 'Add a pace';
export const backToTheStandardTable = 'Back to the standard table';
export const secondsPerAgainstTheRacesPace = (text: string) =>
  `Seconds per ${text} against the race’s pace: positive is slower, the quick end first. A block keeps the paces it has until you use these on its Paces view; a renamed pace stays the same pace.`;
export const name = 'Name';
export const racePace = 'Race pace';
export const racePaceWithin = 'race pace';
export const from = 'From';
export const quick = (each: string) => `Quick, ${each}`;
export const slow = (each: string) => `Slow, ${each}`;
export const heartRate3 = 'Heart rate';
export const to = 'To';
export const order = 'Order';

// NamedPacesTable
export const onOneScale = 'On one scale';
export const talk2 = (talk: string) => `Talk: ${talk}`;
export const goalWithin = (rangeText: string) => `, goal ${rangeText}`;
export const perKm = (name: string, rangeText: string, text: string) =>
  `${name}: ${rangeText} per km${text}`;
export const barsAsSessionsUseThemOpenMarks =
  'Bars: as sessions use them. Open marks under them: at the goal. Quicker is to the right.';
export const per = (unit: string) => `per ${unit}`;

// PacesPage
export const aBlock = 'a block';
export const pacesOfNadir = (name: string) => `Paces of ${name} · Nadir`;
export const cardsTables = 'Cards & tables';
export const paceCard2 = 'Pace card';
export const splitsAndRepetitions = 'Splits and repetitions';
export const yourNamedPacesHaveChangedSince =
  'Your named paces have changed since this block took them over. ';
export const useTheNewOnes = 'Use the new ones';
export const resultsAndTests = 'Results and tests';
export const pacesOn = 'Paces on';
export const sessionsAreRunAt = 'Sessions are run at';
export const noResultOfFullEffortYet =
  'No result of full effort yet: what is shown comes from the goal alone.';
export const noResultAndNoGoalYet = (easy: string) =>
  `No result and no goal yet: ${easy} for easy running is a guess from recent weeks.`;
export const aPace =
  'A pace with ? is a guess: what it is predicted from, or what it predicts, lies beyond where the model is known to hold.';
export const thePacesRestOnAnOldResult = (age: string, stale: string) =>
  `The paces rest on a result ${age} old; after ${stale} it tells little of today. Test, or race.`;
export const untilThenThePowerLawServes = (title: string, lacking: string) =>
  `${title}: ${lacking} Until then the power law serves.`;
export const aMarathonFromShorterRacesComesOut = (exponent: string) =>
  `A marathon from shorter races comes out too fast on little running: with the heaviest week of this block the exponent from the half on is ${exponent}.`;

// PrintPage
export const nadir = (title: string) => `${title} · Nadir`;
export const print = 'Print';

// Repacing
export const whatTheNewestResultSays = 'What the newest result says';
export const theNewestResult = 'The newest result';
export const inOn = (name: string, race: string, duration: string, day: string) =>
  `${name}, ${race} in ${duration} on ${day}`;
export const predictsFor = (duration: string, name: string, sinceWords: string) =>
  ` predicts ${duration} for ${name}${sinceWords}.`;
export const fromOnTheseWouldChange = (day: string) =>
  `From ${day} on these would change; days before keep theirs:`;
export const noneOfThemWouldChange = 'None of them would change.';
export const thePacesStillRestOnOlderResults = (text: string) =>
  `The paces still rest on older results. ${text}`;
export const rePaceFrom = 'Re-pace from';
export const rePaceFromThatDay = 'Re-pace from that day';
export const chooseADayFromTheResults = ' Choose a day from the result’s on to race day.';
export const rePacedFrom = 'Re-paced from ';
export const removeTheRePacingOf = (day: string) => `Remove the re-pacing of ${day}`;
export const remove3 = 'Remove';

// Results
export const results = 'Results';
export const onHasNoResultYet = (name: string, day: string) =>
  `${name} on ${day} has no result yet. `;
export const enterIt = 'Enter it';
export const noneYet = 'None yet. One all-out race, time trial or test gives every pace.';
export const enterAResult = 'Enter a result';
export const notAllOut = 'not all-out';
export const timeSet = 'time set';
export const removeOf = (race: string, day: string) => `Remove ${race} of ${day}`;

// pace-text
export const asTheResultBeforeItDid = ', as the result before it did';
export const againstTheResultBeforeIt = (signedSeconds: string) =>
  `, ${signedSeconds} against the result before it`;

// useNamedPaces
export const pace2 = (free: number) => `Pace ${free}`;
