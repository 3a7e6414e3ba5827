import { type HandedOut, weekThen } from '../layout/index.js';
import type { Block } from '../layout/block/index.js';

/** The days of a block as they would have been handed out. */
export function handedOut(block: Block): HandedOut[] {
  const weeks = JSON.parse(JSON.stringify(block.weeks)) as Block['weeks'];
  return weeks.flatMap((week) => week.days.map((day) => ({ day, week: weekThen(week) })));
}
