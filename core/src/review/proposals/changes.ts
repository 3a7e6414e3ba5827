import { dayWords } from '../../base/format/index.js';
import type { CivilDate } from '../../base/index.js';
import type { Block, Day } from '../../layout/block/index.js';
import type { Review } from '../done/review-block.js';

/** Days of a block from a date on, up to and with another. */
export function daysFrom({ weeks }: Block, from: CivilDate, to: CivilDate): Day[] {
  return weeks.flatMap(({ days }) => days).filter(({ date }) => date >= from && date <= to);
}

/** A sentence for races and tests that stand on days without anything hard; empty where none does. */
export function placedWords(days: readonly Day[]): string {
  const placed = days.filter(({ role }) => role === 'tune-up' || role === 'test');
  if (placed.length === 0) return '';
  const names = placed.map(({ date }) => dayWords(date)).join(', ');
  return ` What is placed on ${names} stands: move it under Races & days away.`;
}

/** Who says what a hurt allows. */
export const CARER = 'a doctor or physiotherapist';

/** A sentence for the goal race where it comes before a date is over; empty where it is later. */
export function raceWords({ block }: Review, to: CivilDate, who = 'a doctor'): string {
  const { date } = block.spec.race;
  return date <= to
    ? ` The race on ${dayWords(date)} comes before that is over: whether to run it is for ${who} to say.`
    : '';
}
