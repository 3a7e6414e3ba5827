import { plural } from '@nadir/core/base/format';

/* Words of the handouts, in one place: to be read over, and translated. */

// AthleteLink
export const theAthlete = 'the athlete';
export const onThePhone = 'On the phone';
export const aPageFor = (name: string) => `A page for ${name}`;
export const todayTheWeekTheBlock =
  'Today, the week, the block and the paces. What the athlete notes there goes into the Diary. It needs no account and works offline.';
export const under18 = 'Under 18: share the link through a guardian.';
export const codeOfSPage = (name: string) => `Code of ${name}’s page, for a camera`;
export const copiedTheLink = 'Copied the link.';
export const copyTheLink = 'Copy the link';
export const anyoneWithTheLinkCanRead =
  'Anyone with the link can read the plan and add to the Diary. The code is printed on every sheet.';
export const theLinkStillWorks =
  'The link still works, but can no longer be shown. Make a new one for new sheets.';
export const notOpenedYet = 'Not opened yet.';
export const lastOpenedOn = (day: string) => `Last opened on ${day}.`;
export const endsOn = 'Ends on';
export const makeALink = 'Make a link';
export const newLink = 'New link, the old one ends';
export const endTheLink = 'End the link';

// ByMail
export const onlyWhenISendIt = 'only when I send it';
export const textWithTheSheetAsAPdf = 'text, with the sheet as a PDF';
export const waitingToBeSent = 'waiting to be sent';
export const couldNotBeSent = 'could not be sent';
export const byMail = 'By mail';
export const address = 'Address';
export const theAthletes = 'The athlete’s, or a junior’s guardian’s. Enter saves it.';
export const theaSkerrylaneExample = 'thea@skerrylane.example';
export const sent = 'Sent';
export const theWeekThatIncludesTheNextDay = 'The week that includes the next day.';
export const as = 'As';
export const sendWeek = 'Send week ';
export const now = ' now';
export const simulatedMail =
  'Simulated mail: messages are written to Nadir’s outbox folder and go nowhere else.';
export const outbox = 'Outbox';
export const weekFrom = (day: string) => `Week from ${day}`;
export const openTheMailOf = (day: string) => `Open the mail of ${day}`;
export const open = 'Open';

// Choices
export const twoPagesOfA4 = 'two pages of A4';
export const n125CommasBetween = '12.5, commas between';
export const n125SemicolonsBetween = '12,5, semicolons between';
export const figuresInCSV = 'Figures in CSV';
export const sessionOnTheCard = 'Session on the card';
export const typeAtPt = (letters: string) => `Type at ${letters} pt.`;
export const paperForTheWallSheet = 'Paper for the wall sheet';
export const a3OrTwoPages = 'A3, or two pages';
export const take = (size: string, text: string) => `${size} Take ${text}.`;

// Files
export const files = 'Files';
export const download = (title: string) => `Download ${title}`;
export const making = 'Making …';
export const download2 = 'Download';

// HandedOut
export const have = 'have';
export const has = 'has';
export const handedOut = 'Handed out';
export const nothingYet = 'Nothing yet.';
export const version = (revision: number, day: string) => ` version ${revision}, ${day}`;
export const handedOutAsVersion = (revision: number) =>
  `Handed out as version ${revision}; no day to come has changed since.`;
export const handedOutAsVersionSince = (revision: number, days: number, text: string) =>
  `Handed out as version ${revision}; since then ${plural(days, 'day')} to come ${text} changed. Hand it out again.`;

// HandoutsPage
export const aBlock = 'a block';
export const handoutsOfNadir = (name: string) => `Handouts of ${name} · Nadir`;
export const handouts = 'Handouts';
export const filesAreMadeFromTheVersion =
  'Files are made from the saved version, in the unit you see. What was run and all health notes stay here.';

// Subscription
export const subscription = 'Subscription';
export const aSecretAddressForTheAthletesCalendar =
  'A secret address for the athlete’s calendar: every change arrives there by itself.';
export const itsAddressWasMade = (day: string) =>
  `Its address was made on ${day}. Whoever has it can read the plan, and nothing else.`;
export const copyItNow = 'Copy it now: it is shown once.';
export const copiedTheAddress = 'Copied the address.';
export const copyTheAddress = 'Copy the address';
export const putRunsAt = 'Put runs at';
export const localTimeWhereverTheAthleteIs = 'Local time, wherever the athlete is.';
export const theWholeDay = 'the whole day';
export const makeAnAddress = 'Make an address';
export const newAddress = 'New address, the old one ends';
export const endIt = 'End it';

// TakeBack
export const differ = 'differ';
export const differs = 'differs';
export const isLargerThanAnyWorkbook = (name: string) =>
  `${name} is larger than any workbook of a block. Nothing was read.`;
export const days = 'Days';
export const aWorkbookThatWasChanged =
  'A workbook that was changed: drop it here, and see what differs.';
export const whatCameBack = 'What came back';
export const takeCells = (taken: number) => `Take ${plural(taken, 'cell')}`;
export const leaveIt = 'Leave it';
export const nothingDiffers = 'Nothing differs.';
export const andMore = (count: number) => `and ${count} more`;
export const cellsCannotBeTakenAndWillStay = (count: number, problem: string) =>
  `${plural(count, 'cell')} cannot be taken and will stay. ${problem}`;
export const rowsOfDaysBeyondTheBlock = (outside: number) =>
  `${plural(outside, 'row')} of days beyond the block, left out.`;

// WeekMessage
export const theWeekAsAMessage = 'The week as a message';
export const week = 'Week';
export const weekAsText = (week: number) => `Week ${week} as text`;
export const copiedWeek = (week: number) => `Copied week ${week}.`;
export const copyThisWeek = 'Copy this week';

// useHandout
export const theFileCouldNotBeMade = 'The file could not be made. Try again.';
