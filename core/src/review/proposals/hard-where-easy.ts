import { withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { differenceInDays } from '../../base/index.js';
import { moveDay } from '../../edit/week/index.js';
import { type Day, isHardRunning } from '../../layout/block/index.js';
import type { DayReviewed } from '../done/day-reviewed.js';
import type { Review } from '../done/review-block.js';
import { firstOpenDay } from '../done/to-come.js';
import { daysFrom } from './changes.js';
import type { Proposal, Propose } from './proposal.js';

/** Days over which a hard run is still in the legs of the next. */
const FRESH = 3;

/** Roles that are to be run easy. */
const EASY: ReadonlySet<Day['role']> = new Set(['easy', 'short-easy', 'recovery']);

/**
 * An easy day that was run hard, with a hard day too soon behind it: that one changes
 * places with an easy day after it, or is run easy.
 */
export const hardWhereEasy: Propose = (review) => {
  const ran = review.days.findLast((day) => wasHard(day, review.rules.diary.hardEffort));
  if (!ran || differenceInDays(review.today, ran.day.date) > FRESH) return [];
  const next = daysFrom(review.block, firstOpenDay(review), review.block.spec.race.date).find(
    (day) => isHardRunning(day) && !day.swap,
  );
  const { easyBetween } = review.rules.week;
  if (!next || differenceInDays(next.date, ran.day.date) > easyBetween) return [];
  return [...later(review, ran, next), ...easy(review, ran, next)];
};

function wasHard({ day, entries }: DayReviewed, from: number): boolean {
  return (
    EASY.has(day.role) &&
    !isHardRunning(day) &&
    entries.some(({ kind, effort = 0 }) => kind === 'run' && effort >= from)
  );
}

/** Swapped with the first easy day of the same week that is far enough from every hard one. */
function later(review: Review, { day: ran }: DayReviewed, next: Day): Proposal[] {
  const { block, rules } = review;
  const week = block.weeks.find(({ days }) => days.some(({ date }) => date === next.date));
  const around = daysFrom(block, ran.date, block.spec.race.date).filter(
    (day) => day.date !== next.date && (isHardRunning(day) || day.role === 'long'),
  );
  const isFar = ({ date }: Day) =>
    [ran, ...around].every(
      (hard) => Math.abs(differenceInDays(hard.date, date)) > rules.week.easyBetween,
    );
  const place = week?.days.find((day) => day.date > next.date && EASY.has(day.role) && isFar(day));
  const command = place && moveDay(block, next.date, place.date);
  if (!place || command === undefined || typeof command === 'string') return [];
  return [
    {
      key: 'hard-day-later',
      title: `Swap ${dayWords(next.date)} and ${dayWords(place.date)}`,
      because: `${dayWords(ran.date)} was to be easy and was run hard. ${dayWords(place.date)} has easy days before it.`,
      command,
    },
  ];
}

function easy({ block }: Review, { day: ran }: DayReviewed, next: Day): Proposal[] {
  const { days, isChanged } = withoutHard(block, [next]);
  if (!isChanged) return [];
  return [
    {
      key: 'hard-day-easy',
      title: `Run ${dayWords(next.date)} easy`,
      because: `${dayWords(ran.date)} was to be easy and was run hard: that was the hard day. Two in a row are one too many.`,
      command: { change: { days }, message: `Made ${dayWords(next.date)} easy.` },
    },
  ];
}
