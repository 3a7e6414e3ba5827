import { type CivilDate, clean, floorTo, sum } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { noPast } from '../past/past.js';
import { isAsWritten, type KeySession } from '../sessions/key-session.js';
import { amountOf, fitSession, otherLength, ownLength } from '../sessions/session-lengths.js';
import type { PlannedDay } from '../week/planning.js';
import { type Deal, type FixedBy, type WeekToDeal, openDeal } from './open-deal.js';
import { amountsFor, meantFor } from './share.js';
import { secondAgainstFirst, slotsThatFit } from './slots.js';

/** What a day runs, before it is put into words. Amounts in m or s. */
export interface DealtDay {
  day: PlannedDay;
  /** In the order of the day. */
  runs: number[];
  /** The place among them of the one that the session is built around. */
  main: number;
  /** The session that the main run is built around. */
  key: KeySession | undefined;
  fixed: FixedBy | undefined;
}

/** A week's volume and its days. */
export interface DealtWeek {
  /** As meant, or less where its runs do not hold as much. */
  volume: number;
  days: DealtDay[];
}

/**
 * Deals a week's volume out to its days: races and the long run as laid, pinned
 * days and written sessions as they are, key sessions at their own length, the
 * rest by shape, between floors and ceilings. What its runs cannot hold lowers
 * the week, unless it is pinned. What pins and written sessions ask beyond the
 * week is run all the same; a check says so.
 */
export function dealWeek(
  context: Context,
  week: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
): DealtWeek {
  if (!isTouched(context, week.days)) return dealOut(openDeal(context, week, keys));
  const dealt = dealOut(openDeal({ ...context, past: noPast }, week, keys));
  const { basis } = context.spec.athlete;
  // What is over was run; where that is what would be dealt, nothing to come moves.
  const stands = dealt.days.every(({ day: { date }, runs }) => {
    const then = context.past.on(date)?.day;
    return !then || then.swap !== undefined || then[basis] === clean(sum(runs));
  });
  return stands ? dealt : dealOut(openDeal(context, week, keys));
}

/** Whether the runs of a week hold its volume, each at its ceiling at most. */
export function isHeld(
  context: Context,
  week: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
): boolean {
  const deal = openDeal(context, week, keys);
  const most = sum(slotsThatFit(deal).map(({ ceiling }) => ceiling));
  return most >= deal.left - 1e-6;
}

/** Whether any of the days is over. */
function isTouched({ past: { asOf } }: Context, [first]: readonly PlannedDay[]): boolean {
  return asOf !== undefined && first !== undefined && first.date < asOf;
}

function dealOut(deal: Deal): DealtWeek {
  const slots = slotsThatFit(deal);
  const meant = meantFor(deal, slots);
  const amounts = amountsFor(deal, slots, meant);
  const parts: number[][] = deal.fixed.map((held, index) =>
    held ? split(deal, index, held.amount) : [],
  );
  parts.forEach((runs, index) => {
    if (runs.length > 1) keepWithin(deal, index, Math.max(...runs));
  });
  slots.forEach(({ index }, place) => {
    const amount = amounts[place] ?? 0;
    if (amount > 0) parts[index]?.push(amount);
  });
  const volume = deal.pinned ? deal.volume : volumeOf(deal, meant, sum(amounts));
  return { volume, days: deal.days.map((_, index) => dealtDay(deal, parts, index)) };
}

/** As meant, or less by what its runs do not hold; in a taper the sum of its runs as they are cut. */
function volumeOf(deal: Deal, meant: number, shared: number): number {
  const { cuts, days, fixed, longRun, raced, volume } = deal;
  if (cuts?.atMost === undefined) return clean(volume - Math.max(0, meant - shared));
  const cut = days.map((day, index) => Math.min(fixed[index]?.amount ?? 0, cuts.of(day).amount));
  return clean(longRun + sum(raced) + shared + sum(cut));
}

/** A session is run in the longer of two runs: it stays, is made smaller, or goes. */
function keepWithin({ context, days, kept }: Deal, index: number, room: number): void {
  const [key, day] = [kept[index], days[index]];
  if (!key || !day || amountOf(context, key.laid) <= room) return;
  kept[index] = isAsWritten(key.family) ? undefined : fitSession(context, key, day.date, room);
}

function dealtDay(
  { context, days, longRun, raced, kept, fixed }: Deal,
  parts: number[][],
  index: number,
): DealtDay {
  const day = days[index] as PlannedDay;
  const own = day.role === 'long' ? longRun : (raced[index] ?? 0);
  const shared = parts[index] ?? [];
  const runs = [...(own > 0 ? [own] : []), ...shared];
  const isLongerFirst = context.spec.week.doubles === 'shorter-second';
  const { firstRun, otherRun } = context.fixedOn(day.date);
  // What the coach wrote as two runs stands in order.
  const isWritten = firstRun !== undefined || (otherRun !== undefined && own === 0);
  if (!isWritten) runs.sort((one, other) => (isLongerFirst ? other - one : one - other));
  const longest = Math.max(...runs);
  const longer = isLongerFirst ? runs.indexOf(longest) : runs.lastIndexOf(longest);
  const main = isWritten && otherRun !== undefined ? Number(otherRun.first) : longer;
  return { day, runs, main, key: kept[index], fixed: fixed[index]?.by };
}

/** A pinned day that is run twice is pinned as a whole, or as the coach split it; a written session is run in one. */
function split(deal: Deal, index: number, amount: number): number[] {
  const { context, twice } = deal;
  const { rules, spec, step } = context;
  const date = deal.days[index]?.date ?? '';
  const { firstRun = 0, otherRun } = context.fixedOn(date);
  if (otherRun) {
    const other = otherLength(context, date);
    const session = clean(amount - other);
    return otherRun.first ? [other, session] : [session, other];
  }
  if (firstRun > 0 && firstRun < amount) return [firstRun, clean(amount - firstRun)];
  const least = rules.week.shortestRun[spec.athlete.basis];
  const against = secondAgainstFirst(deal, index);
  const second = floorTo((amount * against) / (1 + against), step);
  const held = ownLength(context, date) ?? 0;
  const both = twice.has(index) && second >= least && amount - second >= Math.max(least, held);
  return both ? [clean(amount - second), clean(second)] : [amount];
}
