import { dayWords } from '../../base/format/index.js';
import { addDays, type CivilDate, differenceInDays } from '../../base/index.js';
import type { Command } from '../../edit/index.js';
import { type Block, type Day, isHardRunning, mainOf } from '../../layout/block/index.js';
import { linkPaces } from '../../sessions/index.js';
import { dayRoleWords, withFixedDay } from '../../spec/days/index.js';
import type { DayReviewed } from '../done/day-reviewed.js';
import type { Review } from '../done/review-block.js';
import { lastSpell } from '../done/spells.js';
import { firstOpenDay } from '../done/to-come.js';
import { daysFrom } from './changes.js';
import type { Proposal, Propose } from './proposal.js';

/** Days after which a missed session is history. */
const STILL_WORTH = 4;
/** Days ahead in which a place is looked for. */
const AHEAD = 7;

/** Roles that give way to a session. */
const PLAIN: ReadonlySet<Day['role']> = new Set(['easy', 'short-easy', 'semi-long', 'recovery']);

/**
 * A missed key session: to the next day that is easy and has easy days around it, or
 * in the place of the next week's own; left out costs nothing and is always open. After
 * more than a few days missed, nothing hard of theirs is run.
 */
export const missedSession: Propose = (review) => {
  const missed = review.days.findLast(
    ({ day, done }) => isHardRunning(day) && done.state === 'missed',
  );
  if (!missed || differenceInDays(review.today, missed.day.date) > STILL_WORTH) return [];
  if (missed.done.reason === 'ill' || missed.done.reason === 'sore') return [];
  if (lastSpell(review)?.days.includes(missed)) return [];
  const main = mainOf(missed.day);
  if (!main) return [];
  const held = { date: missed.day.date, shorthand: main.shorthand };
  const place = placeFor(review, missed);
  const instead = sameDayNextWeek(review, missed);
  return [
    ...(place ? [moved(review, held, place)] : []),
    ...(instead ? [insteadOf(review, held, instead)] : []),
  ];
};

/** A missed session in words. */
interface Held {
  date: CivilDate;
  shorthand: string;
}

/** The first key session of the next week, where it is another one and no week of a taper. */
function sameDayNextWeek(review: Review, missed: DayReviewed): Day | undefined {
  const week = review.block.weeks[missed.week];
  if (!week || week.taperShare < 1 || week.recovery || week.recoveryDue) return undefined;
  const next = week.days.find(
    (day) =>
      day.role === 'quality' &&
      day.date >= firstOpenDay(review) &&
      differenceInDays(day.date, missed.day.date) <= 2 * AHEAD,
  );
  return next && mainOf(next)?.shorthand !== mainOf(missed.day)?.shorthand ? next : undefined;
}

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
  // No week holds more hard days than the one it was missed in, and a taper or a week of rest none that was missed.
  const most = review.weeks[missed.week - 1]?.hard.planned ?? 1;
  const open = new Set(
    review.block.weeks
      .filter(
        ({ taperShare, days, recovery, recoveryDue }) =>
          taperShare >= 1 &&
          !recovery &&
          !recoveryDue &&
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

function moved({ block }: Review, missed: Held, { date }: Day): Proposal {
  return {
    key: 'move-session',
    title: `Move ${dayWords(missed.date)}’s session to ${dayWords(date)}`,
    because: `${missed.shorthand}. ${dayWords(date)} has easy days on either side; the week keeps its volume.`,
    command: {
      change: placedOn(block, missed, date),
      message: `Moved the session of ${dayWords(missed.date)} to ${dayWords(date)}.`,
    },
  };
}

function insteadOf({ block }: Review, missed: Held, next: Day): Proposal {
  const given = mainOf(next)?.shorthand ?? dayRoleWords[next.role].toLowerCase();
  return {
    key: 'session-next-week',
    title: `Run ${dayWords(missed.date)}’s session on ${dayWords(next.date)} instead`,
    because: `${missed.shorthand} in the place of ${given}. The next week keeps its number of hard days; the session that stood there is left out.`,
    command: {
      change: placedOn(block, missed, next.date),
      message: `Put the session of ${dayWords(missed.date)} in the place of the one on ${dayWords(next.date)}.`,
    },
  };
}

function placedOn({ spec }: Block, { shorthand }: Held, date: CivilDate): Command['change'] {
  const session = linkPaces(shorthand, spec.paces.table);
  const fixed = { role: 'quality', session, amount: undefined, swap: undefined } as const;
  return { days: withFixedDay(spec.days, date, fixed) };
}
