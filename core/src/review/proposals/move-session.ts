import { dayWords } from '../../base/format/index.js';
import { addDays, differenceInDays } from '../../base/index.js';
import { type Day, isHardRunning, mainOf } from '../../layout/index.js';
import { linkPaces } from '../../sessions/index.js';
import { withFixedDay } from '../../spec/days/index.js';
import type { DayReviewed } from '../done/day-reviewed.js';
import type { Review } from '../done/review-block.js';
import { daysFrom, firstOpenDay } from './changes.js';
import type { Proposal, Propose } from './proposal.js';

/** Days after which a missed session is history. */
const STILL_WORTH = 4;
/** Days ahead in which a place is looked for. */
const AHEAD = 7;

/** Roles that give way to a session. */
const PLAIN: ReadonlySet<Day['role']> = new Set(['easy', 'short-easy', 'semi-long', 'recovery']);

/** A missed key session: to the next day that is easy and has easy days around it. */
export const moveSession: Propose = (review) => {
  const missed = review.days.findLast(
    ({ day, done }) => isHardRunning(day) && done.state === 'missed',
  );
  if (!missed || differenceInDays(review.today, missed.day.date) > STILL_WORTH) return [];
  if (missed.done.reason === 'ill' || missed.done.reason === 'sore') return [];
  const place = placeFor(review, missed);
  const proposal = place && moved(review, missed, place);
  return proposal ? [proposal] : [];
};

/** The first easy day with nothing hard or long within the rule’s easy days of it. */
function placeFor(review: Review, missed: DayReviewed): Day | undefined {
  const from = firstOpenDay(review);
  const ahead = daysFrom(review.block, addDays(from, -AHEAD), addDays(from, 2 * AHEAD));
  const { easyBetween } = review.rules.week;
  const done = new Set(
    review.days.filter(({ done: { state } }) => state === 'missed').map(({ day }) => day.date),
  );
  const demands = ahead.filter(
    (day) =>
      !done.has(day.date) && (isHardRunning(day) || day.role === 'long' || day.role === 'race'),
  );
  // No week holds more hard days than the one it was missed in, and a taper none that was missed.
  const most = review.weeks[missed.week - 1]?.hard.planned ?? 1;
  const open = new Set(
    review.block.weeks
      .filter(
        ({ taperShare, days }) =>
          taperShare >= 1 &&
          days.filter((day) => isHardRunning(day) && !done.has(day.date)).length < most,
      )
      .flatMap(({ days }) => days.map(({ date }) => date)),
  );
  return ahead.find(
    ({ date, role, swap }) =>
      date >= from &&
      open.has(date) &&
      date < addDays(from, AHEAD) &&
      PLAIN.has(role) &&
      !swap &&
      demands.every((other) => Math.abs(differenceInDays(other.date, date)) > easyBetween),
  );
}

function moved(
  { block }: Review,
  { day: missed }: DayReviewed,
  { date }: Day,
): Proposal | undefined {
  const main = mainOf(missed);
  if (!main) return undefined;
  const session = linkPaces(main.shorthand, block.spec.paces.table);
  const days = withFixedDay(block.spec.days, date, {
    role: 'quality',
    session,
    amount: undefined,
    swap: undefined,
  });
  return {
    key: 'move-session',
    title: `Move ${dayWords(missed.date)}’s session to ${dayWords(date)}`,
    because: `${main.shorthand}. ${dayWords(date)} has easy days on either side; the week keeps its volume.`,
    command: {
      change: { days },
      message: `Moved the session of ${dayWords(missed.date)} to ${dayWords(date)}.`,
    },
  };
}
