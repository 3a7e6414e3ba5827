/* Words of the sheet, in one place: to be read over, and translated. */

// SheetGrid
export const minmax0Fr = (weight: number) => `minmax(0, ${weight}fr)`;
export const reads = (words: string) => `= ${words}`;
export const sheetTypeInACellEnterKeeps =
  'Sheet. Type in a cell; Enter keeps, Escape leaves it; Delete frees; copy and paste whole tables.';
export const week = 'week';
export const toGo = 'to go';
export const dates = 'dates';
export const chooseEveryToCome = (day: string) => `Choose every ${day} to come`;
export const longRun = 'long run';
export const notes = 'notes';
export const weeks = (count: number) => `${count} weeks`;
export const aVolume = 'A volume: 54, +10%, = (as the week before), r (a recovery week).';
export const aLongRun =
  'A long run: 32, or with what is in it: 32 (last 14 @ marathon), 30 progression.';
export const aDay =
  'A day: 12, 5+10, 12 easy, rest, 10k race, 20 min core, or a session: 6 x 1 km @ 10 km, 90 s jog.';

// SheetTop
export const theBlock = 'The block';

// SheetPage
export const aBlock = 'a block';
export const sheetOfNadir = (name: string) => `Sheet of ${name} · Nadir`;
export const sheet = 'Sheet';
export const whenADayChanges = 'When a day changes';
export const aDayMovesTheOthers = 'A day moves the others';
export const aDayMovesItsWeek = 'A day moves its week';
export const print = 'Print';

// SheetRow
export const over = 'over';
/** What a heavier figure says: a race is named, an easy day is what is left. */
export const weights = { easy: '', hard: 'hard', long: 'long run', race: '', figure: '' };
export const recovery = ' recovery';
export const outsideTheBlock = 'outside the block';
export const run = (ran: string) => `run: ${ran}`;
/** A figure, or what came of the day: missed, moved, other sport. */
export const ranWords = (ran: string) => (/^\d/.test(ran) ? `ran ${ran}` : ran);
/** The arrow is its key. */
export const use = (suggestion: string) => `Use “${suggestion}” ↓`;
export const write = (name: string) => `Write ${name}`;

// sheet-rows
export const weekVolume = (number: number) => `Week ${number}, volume`;
export const weekLongRun = (number: number) => `Week ${number}, long run`;

// useSheet
export const isOver = (name: string) => `${name} is over, and kept as it was handed out.`;
export const copiedAsATable = 'Copied as a table.';
