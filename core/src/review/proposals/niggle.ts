import { withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { addDays, type CivilDate, equalAsJson } from '../../base/index.js';
import { type BlockEvent, type FixedDay, lastDay, withFixedDay } from '../../spec/days/index.js';
import { runningInPain, soreNow } from '../patterns/health.js';
import type { Review } from '../done/review-block.js';
import { firstOpenDay } from '../done/to-come.js';
import { CARER, daysFrom, placedWords, raceWords } from './changes.js';
import type { Proposal, Propose } from './proposal.js';
import { withWayBack } from './way-back.js';

const PHYSIOTHERAPIST =
  'Pain that changes the stride, or grows on the run, ends the run. Have a physiotherapist or doctor look at it.';

/** A niggle: the next runs in the pool, nothing hard for longer; pain that changes the stride stops running. */
export const afterNiggle: Propose = (review) => {
  if (runningInPain(review)) return stopRunning(review);
  return soreNow(review) ? [intoThePool(review)] : [];
};

function stopRunning(review: Review): Proposal[] {
  const { block, rules } = review;
  const from = firstOpenDay(review);
  const to = addDays(from, Math.max(1, rules.diary.poolDays) - 1);
  const hurt = block.spec.events.findLast((each) => each.kind === 'illness' && each.from <= from);
  const stands = hurt !== undefined && lastDay(hurt) >= from;
  // One that is known not to have been run after goes on: the way back is as long as all of it.
  const standing = hurt && restedSince(review, lastDay(hurt)) ? hurt : undefined;
  const event: BlockEvent = standing
    ? { ...standing, to }
    : { kind: 'illness', name: 'Hurt', from, to };
  const { change, words } = withWayBack(review, event, standing);
  // Nothing is hard for as long after it as after a niggle.
  const quiet = daysFrom(block, addDays(to, 1), addDays(to, rules.diary.quietDays));
  const written = change.days ?? block.spec.days;
  const spec = { ...block.spec, days: written.filter((day) => !isEasyWithin(day, event)) };
  const { days } = withoutHard({ spec }, quiet);
  return [
    {
      key: 'stop-running',
      title: 'Stop running until it has been looked at',
      because: `Pain that changes the stride. No running to ${dayWords(to)}, then by steps: walk and run, easy, strides, hard.${words}${raceWords(review, addDays(to, rules.diary.quietDays), CARER)}`,
      command: stands
        ? undefined
        : {
            change: { ...change, days },
            message: `Stopped running to ${dayWords(to)}, for pain that changes the stride.`,
          },
      caution: PHYSIOTHERAPIST,
      health: true,
    },
  ];
}

/** A day of nothing but easy running, on which none is to be: it says nothing more. */
function isEasyWithin(day: FixedDay, event: BlockEvent): boolean {
  const { date, role } = day;
  const isWithin = date >= event.from && date <= lastDay(event);
  return isWithin && role === 'easy' && equalAsJson(day, { date, role });
}

/** Days of which nothing is recorded may have been run. */
function restedSince({ days, today }: Review, date: CivilDate): boolean {
  return days
    .filter(({ day }) => day.date > date && day.date < today)
    .every(({ done: { state } }) => state !== 'run' && state !== 'unknown');
}

function intoThePool(review: Review): Proposal {
  const { block, rules, mornings } = review;
  const { poolDays, quietDays } = rules.diary;
  const from = firstOpenDay(review);
  const next = daysFrom(block, from, addDays(from, quietDays - 1))
    .filter(
      ({ time, cross, swap, role }) => role !== 'race' && (time > 0 || (swap && cross.time > 0)),
    )
    .slice(0, poolDays);
  const runs = next.filter(({ swap }) => !swap);
  const quiet = daysFrom(block, from, addDays(from, poolDays + quietDays - 1));
  const eased = withoutHard(block, quiet);
  const days = runs.reduce<FixedDay[]>(
    (kept, { date }) => withFixedDay(kept, date, { swap: { kind: 'pool', reason: 'soreness' } }),
    eased.days,
  );
  // Once taken it stands in the block: the runs after these stay runs.
  const isOpen = runs.length > 0 || eased.isChanged;
  const where = mornings.findLast(({ sore }) => sore)?.sore?.where ?? 'a niggle';
  return {
    key: 'niggle',
    title: isOpen
      ? `The next ${next.length === 1 ? 'run' : `${next.length} runs`} in the pool, minute for minute`
      : 'In the pool until it is quiet',
    because: `Sore, ${where}: nothing hard before ${dayWords(addDays(from, poolDays + quietDays))}; then back by steps.${placedWords(quiet)}${raceWords(review, addDays(from, poolDays + quietDays - 1), CARER)}`,
    command: isOpen
      ? { change: { days }, message: `Put ${runs.length} runs into the pool for a niggle.` }
      : undefined,
    caution: PHYSIOTHERAPIST,
    health: true,
  };
}
