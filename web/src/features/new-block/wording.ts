import { plural } from '@nadir/core/base/format';

/* Words of New block and Edit plan, in one place: to be read over, and translated. */

// AskPage
export const answers = 'Answers';
export const theBlock = 'The block as it would be';
export const theDrawingShowsTheLastBlock = (words: string) =>
  `${words} The drawing shows the last block that could be laid out.`;

// AthleteQuestions
export const who = 'Who';
export const athlete = 'Athlete';
export const aNewAthlete = 'a new athlete';
export const name = 'Name';
export const neededToKeepTheBlock = 'Needed to keep the block.';
export const howTheLastWeeksWent = 'How the last weeks went';
export const recentWeeks = 'Recent weeks';
export const theLastFour = 'The last four, oldest first: 42 45 40 47.';
export const typeAmountsInWithSpacesBetween = (unit: string) =>
  `Type amounts in ${unit} with spaces between.`;
export const longestRun = 'Longest run';
export const notKnown = 'Not known: guessed from the weeks.';
export const inTheLastWeeks = (plain: string) => `${plain}, in the last weeks.`;
export const countedBy = 'Counted by';
export const minutesSuitTheOftenHurtAndHilly = 'Minutes suit the often hurt and hilly ground.';
export const daysOff = 'Days off';
export const weekdaysOnWhichTheAthleteCannotRun = 'Weekdays on which the athlete cannot run.';
export const yearOfBirth = 'Year of birth';
export const stricterLimitsApplyThroughTheYear =
  'Stricter limits apply through the year the athlete turns 18.';

// EditPlanPage
export const changedThePlan = 'Changed the plan.';
export const editPlan = 'Edit plan';
export const cancel = 'Cancel';
export const keepThisPlan = 'Keep this plan';

// FromDiary
export const fromTheDiary = (weeks: string) => `From the diary: ${weeks}`;

// GrowthSettings
export const step = 'Step';
export const howMuchEachRiseAdds = 'How much each rise adds.';
export const atMost = 'At most';
export const percentAWeek = '% a week';
export const held = 'Held';
export const weeksAtEachLevelBeforeTheNext = 'Weeks at each level before the next rise.';
export const weeks = 'weeks';
export const rises = 'Rises';
export const stepsFromTheStartToThePeak =
  'Steps from the start to the peak; recovery weeks do not count.';
export const dropBack = 'Drop back';
export const howMuchEverySecondWeekDrops = 'How much every second week drops.';

// LivePreview
export const asItWas = 'as it was';
export const why = 'Why:';
export const inAll = (sheetTotal: string) =>
  `${sheetTotal} in all. Open an answer to see its reason drawn here.`;
export const whatChanges = 'What changes';
export const now = 'now';

// LongRunQuestions
export const first = 'First';
export const peak = 'Peak';
export const lastPeak = 'Last peak';
export const weeksOut = 'weeks out';
export const ladder = 'Ladder';
export const inThem = 'In them';
export const everyOtherLongRun = 'every other long run';
export const everyLongRun = 'every long run';
export const everyThirdLongRun = 'every third long run';
export const inTheseWeeks = 'in these weeks';
export const whichOnes = 'Which ones';
export const countedBackFromThePeak = 'Counted back from the peak, recovery weeks left out.';
export const weeks2 = 'Weeks';
export const byTheirNumber = 'By their number, with a space between: 7 10 13.';
export const isNoWeekFrom1 = (bad: string, most: number) =>
  `“${bad}” is not a week from 1 to ${most}.`;

// NewBlockPage
export const opening = 'Opening …';
export const afterEasyDaysFirstThenFromWhat = (name: string) =>
  `After ${name}: easy days first, then from what was held.`;
export const threeQuestionsAreYours =
  'Three questions are yours. The rest is worked out until you change it.';
export const newBlock = 'New block';
export const giveTheAthleteAName = 'Give the athlete a name; the rest is worked out.';
export const scaleAgain = 'Scale again';
export const keepThisBlock = 'Keep this block';
export const theTemplate = (name: string) =>
  `The template “${name}” does not fit this race and athlete: the plain answers stand.`;
export const itsFixedWeeksAndWrittenDaysDo =
  ' Its fixed weeks and written days do not fit, and are left out.';
export const fromTheTemplate = (name: string, left: string) =>
  `From the template “${name}”, scaled to the athlete’s own start and peak.${left}`;

// OneLine
export const close = 'Close';
export const change = 'Change';

// OverrideQuestions
export const asInTheHouseRules = (nameOf: string) => `${nameOf}: as in the house rules`;
export const asInTheHouseRules2 = 'As in the house rules';
export const addARule = 'Add a rule';
export const aRuleWithAFigure = 'A rule with a figure of its own for this block alone.';
export const chooseARule = 'choose a rule …';

// OwnPhases
export const myOwnPhases = 'My own phases';
export const nameOfPhase = (number: number) => `Name of phase ${number}`;
export const phase = 'Phase';
export const kindOfPhase = (number: number) => `Kind of phase ${number}`;
export const weeksOfPhase = (number: number) => `Weeks of phase ${number}`;
export const phaseWeeksNeeded = (typed: string, least: number, most: number) =>
  `“${typed}”: a whole number of weeks from ${least} to ${most} is needed.`;
export const endsInRecovery = 'ends in recovery';
export const phaseEarlier = (number: number) => `Phase ${number} earlier`;
export const removePhase = (number: number) => `Remove phase ${number}`;
export const addAPhase = 'Add a phase';
export const weeksScaledToTheBlock = (reduce: number) => ` ${reduce} weeks, scaled to the block.`;

// RaceQuestions
export const whichRace = 'Which race';
export const race = 'Race';
export const distance = 'Distance';
export const setsBlockLength = 'Sets block length, long run and taper.';
export const otherDistance = 'another distance';
export const distanceOfTheRace = 'Distance of the race';
export const raceDay = 'Race day';
export const writtenGoesAlong = 'What I wrote for its days moves with the race';
export const taperGoesAlong = 'What I wrote for the taper moves with the race';
export const toGo = (timeToGo: string) => `${timeToGo} to go.`;
export const goalTime = 'Goal time';
export const notNeeded = 'Not needed: 1:55:00 or 40:00.';

// RecoveryQuestions
export const recoveryWeek = 'Recovery week';
export const placedByYouIn = (weeks: string) =>
  `Placed by you in ${weeks}; a rhythm above takes their place.`;
export const noneByYou = 'You took them all out; a rhythm above brings them back.';
export const cutBy = 'Cut by';
export const n20To40IsUsual = (recovery: string) =>
  `20 to 40 is usual; every run shorter, nothing hard. ${recovery}`;
export const afterwards = 'Afterwards';

// SchoolAnswer
export const compareSchools = (label: string, title: string) =>
  `${label}: ${title}. Compare schools`;

// SchoolPreviews
export const checks = 'checks';
export const check = 'check';
export const compareSchools2 = (label: string) => `${label}: compare schools`;
export const cannotBeDrawnYet = 'cannot be drawn yet';
export const noProblems = 'no problems';

// TaperQuestions
export const taper = 'Taper';
export const raceWeekDownBy = 'Race week down by';
export const toByThisSchool = (least: string, most: string) =>
  `${least} to ${most} by this school; emptied, it decides.`;

// VolumeQuestions
export const start = 'Start';
export const heldAtThePeak = 'Held at the peak';
export const growth = 'Growth';

// WeekQuestions
export const weekTemplate = 'Week template';
export const rolesDayByDay = 'Roles day by day; the Week view changes single days.';
export const byTheAnswersBelow = 'by the answers below';
export const rolesOfYourOwn = 'roles of your own';
export const doubles = 'Doubles';
export const whichOfTheTwoIsTheShorter = 'Which of the two is the shorter.';
export const outdoorRuns = 'Outdoor runs';
export const theOtherRunDays = 'The other run days are in the pool, minute for minute.';
export const backToBack = 'Back to back';
export const theFirstOfTwoHardDays =
  'The first of two hard days in a row: the checks treat both as one.';
export const backToBackWithTheDayAfter = 'Back to back with the day after';
export const midWeekRuns = 'Mid-week runs';
export const stayingAsThey = 'Staying as they are, only the long run grows: for those often hurt.';
export const growWithTheWeek = 'grow with the week';
export const stayAsTheyAre = 'stay as they are';
export const eachOfThem = 'Each of them';
export const everyRunButTheLongOne = 'Every run but the long one.';
export const runDays = 'Run days';
export const longRunOn = 'Long run on';
export const qualityOn = 'Quality on';
export const restOn = 'Rest on';
export const leftOpen = 'Left open, rest follows the hard days.';

// WeeksQuestions
export const length = 'Length';
export const phases = 'Phases';
export const yourOwnNumber = 'Your own number';
export const asManyWeeksAsYouSet = 'As many weeks as you set, or as are left.';
export const base = 'Base';
export const raceSpecific = 'Race-specific';

// questions
export const n5Km = '5 km';
export const n10Km = '10 km';
export const halfMarathon = 'half marathon';
export const goalRace = 'Goal race';
export const thatDayHasPassed = 'That day has passed. Choose a race to come.';

// GroupPage, GroupRow
export const groupNadir = 'Blocks for a group · Nadir';
export const blocksForAGroup = 'Blocks for a group';
export const oneShapeAtEachLevel = (name: string) =>
  `The template “${name}”: one shape, at each athlete’s own start and peak.`;
export const createBlocks = (count: number) =>
  count === 0 ? 'Create blocks' : `Create ${plural(count, 'block')}`;
export const noSuchTemplate = 'There is no such template any more. Choose one under Blocks.';
export const theBlocksOfTheGroup = 'The blocks as they would be';
export const whoeverIsTicked =
  'Whoever is ticked gets a block of their own. Those with a race to come are left out at first.';
export const everyone = 'Everyone';
export const weeksOfABlock = 'Weeks';
export const block = 'Block';
export const startToPeak = 'Start to peak';
export const longestOfAll = 'Longest run';
export const whatStandsOut = 'Checks';
export const fromTo = (start: string, peak: string) => `${start} – ${peak}`;
export const hasABlockTo = (race: string) => `Has a block to ${race}.`;
export const andMoreOf = (count: number) => `and ${count} more`;
export const noProblemsFound = 'No problems found.';
export const notAllOfItFits = (isNothing: boolean) =>
  isNothing
    ? 'The template does not fit: a plain block instead.'
    : 'Without its fixed weeks and written days, which do not fit.';
export const keptBefore = (kept: number, all: number) =>
  `${kept} of ${all} blocks are laid out; the others are still ticked.`;
export const laidOutBlocks = (count: number) => `Laid out ${plural(count, 'block')}.`;
