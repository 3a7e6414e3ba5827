import { withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { addDays, differenceInDays } from '../../base/index.js';
import { isHardRunning } from '../../layout/block/index.js';
import { type BlockEvent, type FixedDay, lastDay, withFixedDay } from '../../spec/days/index.js';
import type { Review } from '../done/review-block.js';
import { daysFrom, firstOpenDay, placedWords } from './changes.js';
import type { Proposal, Propose } from './proposal.js';

/** Days after which the way back is over, one way or the other. */
const WATCHED = 28;
/** Days before a rest within which pain was why. */
const BEFORE = 3;
const AHEAD = 7;

/** The steps back from a hurt, each run once without pain before the next is offered. */
const STEPS: readonly { title: string; part: Partial<FixedDay> }[] = [
  { title: 'walk and run', part: { role: 'easy', session: '8 x 2 min easy, 1 min walk' } },
  { title: 'an easy run', part: { role: 'easy', session: undefined } },
  {
    title: 'an easy run with strides',
    part: { role: 'easy', session: undefined, addOn: 'strides' },
  },
];

/** Back from days that were rested for a hurt: walk and run, easy, strides, then hard; each confirmed by a run without pain. */
export const backBySteps: Propose = (review) => {
  const hurt = lastHurt(review);
  if (!hurt) return [];
  const { rules, days } = review;
  const since = days.filter(({ day }) => day.date > lastDay(hurt));
  const painful = since.some(({ morning }) => (morning?.sore?.level ?? 0) >= rules.diary.sore);
  if (painful) return [];
  const confirmed = since.filter(({ done }) => done.state === 'run').length;
  const step = STEPS[confirmed];
  return step ? next(review, hurt, step) : [];
};

/** The last days without running that soreness led to. */
function lastHurt({ block, mornings, today }: Review): BlockEvent | undefined {
  return block.spec.events.findLast((event) => {
    const to = lastDay(event);
    const isOver = to < today && differenceInDays(today, to) <= WATCHED;
    const from = addDays(event.from, -BEFORE);
    return (
      event.kind === 'illness' &&
      isOver &&
      mornings.some(({ date, sore }) => sore?.stride && date >= from && date <= to)
    );
  });
}

function next(
  review: Review,
  hurt: BlockEvent,
  { title, part }: (typeof STEPS)[number],
): Proposal[] {
  const { block, rules } = review;
  const from = firstOpenDay(review);
  const run = daysFrom(block, from, addDays(from, AHEAD)).find(
    (day) => day.time > 0 && day.role !== 'race' && !day.swap,
  );
  if (!run) return [];
  // Hard running comes last, and not before the rule’s quiet days are over.
  const quiet = daysFrom(block, from, addDays(lastDay(hurt), rules.diary.quietDays));
  const days = withFixedDay(withoutHard(block, quiet).days, run.date, {
    ...part,
    amount: undefined,
    follow: undefined,
  });
  const hard = isHardRunning(run) || run.role === 'long' ? ' What stood there gives way.' : '';
  return [
    {
      key: 'back-by-steps',
      title: `The next step back: ${title} on ${dayWords(run.date)}`,
      because: `Run without pain, it is confirmed, and the next step is offered.${hard}${placedWords(quiet)}`,
      command: {
        change: { days },
        message: `Set the next step back on ${dayWords(run.date)}: ${title}.`,
      },
      caution:
        'Pain that comes back ends the step. A physiotherapist says when the next may follow.',
      health: true,
    },
  ];
}
