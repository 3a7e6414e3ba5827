import type { CivilDate } from '../../base/index.js';
import type { AddOn } from '../../spec/days/index.js';
import { RACE_PACE, type SessionPaces } from '../../sessions/index.js';
import type { DaySession } from '../block/day.js';
import { Run } from '../block/run.js';
import type { Context } from '../context/context.js';
import type { Segment } from '../block/week.js';
import { addedTo, endingIn } from './add-on.js';
import { type RunOf, easyOf } from './run-of.js';
import { plainRun } from './runs.js';
import { longRunWords, wordsOf } from './session-words.js';

/** The long run of a week, with what its segment makes hard of it, and small work at its end. */
export function longRunOf(
  context: Context,
  of: RunOf,
  { segment, addOn }: { segment: Segment | undefined; addOn: AddOn | undefined },
): DaySession {
  const added = addedTo(context, of, addOn, segment?.amount);
  if (!added) return longRun(context, of, segment);
  return endingIn(context, of, added, (run) =>
    longRun(context, run, segment && lessAround(segment, added.amount)),
  );
}

/** A segment whose run is shorter by an amount: less is run easily after it, then before it. */
function lessAround(segment: Segment, less: number): Segment {
  const after = Math.max(0, segment.after - less);
  const before = Math.max(0, segment.before - (less - (segment.after - after)));
  return { ...segment, before, after };
}

function longRun(context: Context, of: RunOf, segment: Segment | undefined): DaySession {
  const { amount, date } = of;
  const inWords = () => longRunWords(of, segment, wordsOf(context.spec));
  const paces = context.sessionsOn(date);
  const base = paces.find(RACE_PACE)?.pace;
  if (!segment || base === undefined) return plainRun(context, of, inWords);
  const byTime = context.spec.athlete.basis === 'time';
  const easy = easyOf(context, of);
  const at = meanPace(segment, base, easy);
  const [metres, seconds] = byTime
    ? [(segment.amount / at) * 1000, segment.amount]
    : [segment.amount, (segment.amount * at) / 1000];
  const [elsewhere, total] = byTime
    ? [((amount - segment.amount) / easy) * 1000, amount]
    : [amount - segment.amount, ((amount - segment.amount) * easy) / 1000 + seconds];
  const part = hardPart(segment, base, paces);
  return new Run(inWords, {
    distance: byTime ? Math.round(elsewhere + metres) : amount,
    time: Math.round(total),
    hardDistance: metres * part,
    hardTime: seconds * part,
    uphill: false,
    family: undefined,
    addOn: undefined,
  });
}

/** Mean pace of a segment in s/km, by the race’s own; never slower than easy running. */
function meanPace({ offset: [start, end] }: Segment, base: number, easy: number): number {
  return Math.min(easy, base + (start + end) / 2);
}

/** Metres of a segment on its day: quicker than easy running, where the block counts by time. */
export function segmentMetres(context: Context, date: CivilDate, segment: Segment): number {
  if (context.spec.athlete.basis === 'distance') return segment.amount;
  const easy = context.easyOn(date);
  const base = context.sessionsOn(date).find(RACE_PACE)?.pace ?? easy;
  return (segment.amount / meanPace(segment, base, easy)) * 1000;
}

/** On the way from slow to quick only the part that is quick enough is hard. */
function hardPart({ offset }: Segment, base: number, { hardFrom }: SessionPaces): number {
  const [slow, quick] = [base + Math.max(...offset), base + Math.min(...offset)];
  const limit = Math.max(hardFrom, base);
  return slow <= limit ? 1 : quick > limit ? 0 : (limit - quick) / (slow - quick);
}
