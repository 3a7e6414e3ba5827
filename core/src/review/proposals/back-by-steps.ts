import { withoutHard } from '../../edit/written/index.js';
import { dayWords } from '../../base/format/index.js';
import { addDays, ceilTo, differenceInDays, floorTo, sum } from '../../base/index.js';
import { type Day, isHardRunning } from '../../layout/block/index.js';
import { layoutStep } from '../../rules/index.js';
import { type BlockEvent, type FixedDay, lastDay, withFixedDay } from '../../spec/days/index.js';
import { type Pin, withPin } from '../../spec/index.js';
import type { Review } from '../done/review-block.js';
import { firstOpenDay } from '../done/to-come.js';
import { CARER, daysFrom, placedWords, raceWords } from './changes.js';
import { mostOfRest } from './held-weeks.js';
import { peaksOf } from './peaks.js';
import type { Proposal, Propose } from './proposal.js';

/** Days after which the way back is over, one way or the other. */
const WATCHED = 28;
/** Days before a rest within which pain was why. */
const BEFORE = 3;
const AHEAD = 7;

/** What is placed on a day stands, and is said: no step takes its place. */
const RACED: ReadonlySet<Day['role']> = new Set(['race', 'tune-up', 'test']);

interface Step {
  title: string;
  /** Seconds of running in it, at most. */
  running: number;
  part: Pick<FixedDay, 'session' | 'addOn'>;
}

/** Seconds that a step takes at most (policy). */
const LONGEST = 30 * 60;

/** The steps back from a hurt, each run once without pain before the next is offered (policy). */
const STEPS: readonly Step[] = [
  { title: 'walk and run', running: 20 * 60, part: { session: '10 x 2 min easy, 1 min walk' } },
  { title: 'a short easy run', running: LONGEST, part: {} },
  { title: 'a short easy run with strides', running: LONGEST, part: { addOn: 'strides' } },
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

function next(review: Review, hurt: BlockEvent, step: Step): Proposal[] {
  const { block, rules } = review;
  const from = firstOpenDay(review);
  const run = daysFrom(block, from, addDays(from, AHEAD)).find(
    (day) => day.time > 0 && !RACED.has(day.role) && !day.swap,
  );
  if (!run) return [];
  // Hard running comes last, and not before the rule’s quiet days are over.
  const over = addDays(lastDay(hurt), rules.diary.quietDays);
  const quiet = daysFrom(block, from, over);
  const { amount, pins } = shortened(review, run, step);
  const days = withFixedDay(withoutHard(block, quiet).days, run.date, {
    role: 'easy',
    session: undefined,
    follow: undefined,
    ...step.part,
    amount,
  });
  const hard = isHardRunning(run) || run.role === 'long' ? ' What stood there gives way.' : '';
  const lighter = pins ? ' The week is made lighter with it.' : '';
  return [
    {
      key: 'back-by-steps',
      title: `The next step back: ${step.title} on ${dayWords(run.date)}`,
      because: `Run without pain, it is confirmed, and the next step is offered.${hard}${lighter}${placedWords(quiet)}${raceWords(review, over, CARER)}`,
      command: {
        change: { days, ...(pins && { pins, ...peaksOf(block, pins) }) },
        message: `Set the next step back on ${dayWords(run.date)}: ${step.title}.`,
      },
      caution:
        'Pain that comes back ends the step. A physiotherapist says when the next may follow.',
      health: true,
    },
  ];
}

/** A run made as short as a step, and its week with it: what is left of the run is run on no other day. */
function shortened(review: Review, run: Day, { running, part }: Step) {
  const { spec, easyPace } = review.block;
  const { basis } = spec.athlete;
  const step = layoutStep(spec.athlete, review.rules);
  const whole = (amount: number) => Math.max(step, floorTo(amount, step));
  const lasting = (seconds: number) =>
    whole(basis === 'time' ? seconds : (seconds / easyPace) * 1000);
  const isShorter = run[basis] > lasting(LONGEST);
  return {
    // Named though it is shorter anyway: taken, the step is as it is proposed.
    amount: part.session === undefined ? whole(Math.min(run[basis], lasting(running))) : undefined,
    pins: isShorter ? lighterWith(review, run, lasting(running)) : undefined,
  };
}

/**
 * The week of a run that is made shorter: its other runs to come as in a week of rest, and not
 * so light that the next would be a jump. A fixed long run in whose place it stands is none any more.
 */
function lighterWith(review: Review, run: Day, amount: number): Pin[] | undefined {
  const { spec, weeks } = review.block;
  const week = weeks.find(({ days }) => days.includes(run));
  if (!week) return undefined;
  const { basis } = spec.athlete;
  const step = layoutStep(spec.athlete, review.rules);
  const from = firstOpenDay(review);
  const over = sum(week.days.filter(({ date }) => date < from).map((day) => day[basis]));
  const isLight = week.recovery || week.taperShare < 1;
  const part = isLight ? 1 : 1 - spec.volume.recovery.depth;
  const wished = over + amount + part * (week.volume - over - run[basis]);
  const next = weeks[week.number]?.volume ?? 0;
  const least = ceilTo(next / (1 + review.rules.recovery.mostReturn), step);
  const most = Math.max(over + amount, mostOfRest(review.block, week));
  const volume = Math.max(least, floorTo(Math.min(wished, most), step));
  const open =
    run.role === 'long' ? withPin(spec.pins, week.number, 'longRun', undefined) : spec.pins;
  return volume < week.volume ? withPin(open, week.number, 'volume', volume) : undefined;
}
