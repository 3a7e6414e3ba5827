import type { Day } from '../block/day.js';
import { fixedDayOf } from '../../spec/days/index.js';
import { ceilTo, type CivilDate, clean, floorTo, sum } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { raceMetres } from '../events/event-days.js';
import { noPast } from '../past/past.js';
import type { KeySession } from '../sessions/fill-sessions.js';
import { amountOf, fitSession, ownLength } from '../sessions/session-lengths.js';
import { type PlannedDay, type WeekAmounts, isOther, isRaced } from '../week/plan-week.js';
import { shareOut } from './share-out.js';

/** What a day runs, before it is put into words. Amounts in m or s. */
export interface DealtDay {
  day: PlannedDay;
  /** Morning, and evening where there is a second run. */
  runs: number[];
  /** The session that the first run is built around. */
  key: KeySession | undefined;
  fixed: 'pin' | 'own-session' | 'session' | 'past' | undefined;
}

/** The running of a day that shares no more. */
interface Fixed {
  amount: number;
  by: DealtDay['fixed'];
}

/** One run that shares what the long run and races leave. */
interface Slot {
  index: number;
  weight: number;
}

/** A week while it is dealt out, day by day. Amounts in m or s. */
interface Deal {
  context: Context;
  days: readonly PlannedDay[];
  raced: readonly number[];
  /** What long run and races leave. */
  left: number;
  /** Longest that a run beside the long one may be. */
  most: number;
  fixed: (Fixed | undefined)[];
  /** Key sessions that stay, made smaller where they must be. */
  kept: (KeySession | undefined)[];
  /** First and second run of every day that shares. */
  parts: number[][];
}

/**
 * Deals a week's volume out to its days, exactly: races and the long run as
 * laid, pinned days and written sessions as they are, key sessions with room to
 * warm up and cool down, the rest by role. What pins and written sessions ask
 * beyond the week is run all the same; a check says so.
 */
export function dealWeek(
  context: Context,
  days: readonly PlannedDay[],
  amounts: Pick<WeekAmounts, 'volume' | 'longRun'>,
  keys: ReadonlyMap<CivilDate, KeySession>,
): DealtDay[] {
  if (!isTouched(context, days)) return dealOut(dealOf(context, days, amounts, keys), amounts);
  const dealt = dealOut(dealOf({ ...context, past: noPast }, days, amounts, keys), amounts);
  const { basis } = context.spec.athlete;
  // What is over was run; where that is what would be dealt, nothing to come moves.
  const stands = dealt.every(({ day: { date }, runs }) => {
    const then = context.past.on(date)?.day;
    return !then || then.swap !== undefined || then[basis] === clean(sum(runs));
  });
  return stands ? dealt : dealOut(dealOf(context, days, amounts, keys), amounts);
}

/** Whether any of the days is over. */
function isTouched({ past: { asOf } }: Context, [first]: readonly PlannedDay[]): boolean {
  return asOf !== undefined && first !== undefined && first.date < asOf;
}

function dealOut(deal: Deal, { longRun }: Pick<WeekAmounts, 'longRun'>): DealtDay[] {
  share(deal);
  // Room taken for one session may leave too little for another.
  while (makeRoom(deal)) share(deal);
  giveBack(deal);
  return deal.days.map((day, index): DealtDay => {
    const [first = 0, second = 0] = deal.parts[index] ?? [];
    const amount = day.role === 'long' ? longRun : (deal.raced[index] ?? 0) || first;
    const runs = second > 0 ? [amount, second] : amount > 0 ? [amount] : [];
    return { day, runs, key: deal.kept[index], fixed: deal.fixed[index]?.by };
  });
}

function dealOf(
  context: Context,
  days: readonly PlannedDay[],
  { volume, longRun }: Pick<WeekAmounts, 'volume' | 'longRun'>,
  keys: ReadonlyMap<CivilDate, KeySession>,
): Deal {
  const { rules, eventDays, perMetre, past, spec } = context;
  const most = longRun > 0 ? rules.week.mostOfLongRun * longRun : Infinity;
  const racedOn = (date: CivilDate) =>
    Math.min(raceMetres(eventDays.get(date)?.race) * perMetre, volume - longRun);
  const raced = days.map(({ date, role }) => {
    if (!isRaced(role)) return 0;
    return past.on(date)?.day[spec.athlete.basis] ?? racedOn(date);
  });
  const left = clean(volume - longRun - sum(raced));
  const fixed = days.map((day) => fixedByCoach(context, day));
  const kept = days.map(({ date }, index): KeySession | undefined => {
    const key = keys.get(date);
    const held = fixed[index];
    if (!key || held?.by === 'own-session') return undefined;
    // A pinned day keeps its session, or as much of it as the pin has room for.
    const fits = !held || amountOf(context, key.laid) <= held.amount;
    return fits ? key : fitSession(context, key, date, held.amount);
  });
  return { context, days, raced, left, most, fixed, kept, parts: [] };
}

function fixedByCoach(context: Context, { date, role }: PlannedDay): Fixed | undefined {
  if (!isOther(role)) return undefined;
  const past = context.past.on(date)?.day;
  if (past) return { amount: amountOfPast(context, past), by: 'past' };
  const pinned = fixedDayOf(context.spec.days, date).amount;
  if (pinned !== undefined) return { amount: pinned, by: 'pin' };
  const own = ownLength(context, date);
  return own === undefined ? undefined : { amount: own, by: 'own-session' };
}

/** What a day that is over took of its week; swapped running, as if it had been run. */
function amountOfPast({ spec, easyOn }: Context, { date, swap, cross, ...day }: Day): number {
  if (!swap) return day[spec.athlete.basis];
  return spec.athlete.basis === 'time'
    ? cross.time
    : Math.round((cross.time / easyOn(date)) * 1000);
}

/** What the fixed days come to. */
function taken({ fixed }: Deal): number {
  let total = 0;
  for (const each of fixed) total += each?.amount ?? 0;
  return total;
}

/** Fixes what sessions need and were not dealt; false when all have it. */
function makeRoom(deal: Deal): boolean {
  const { context, days, fixed, kept, parts } = deal;
  const { rules, step, spec } = context;
  const { basis } = spec.athlete;
  const warmUp = rules.sessions.warmUp[basis];
  let changed = false;
  for (const [index, key] of kept.entries()) {
    if (!key || fixed[index]) continue;
    const core = amountOf(context, key.laid);
    const needed = ceilTo(core + 2 * warmUp, step);
    if ((parts[index]?.[0] ?? 0) >= needed) continue;
    const others = days.filter(({ role }, at) => isOther(role) && at !== index && !fixed[at]);
    const least = ceilTo(rules.week.shortestRun[basis], step);
    const room = Math.min(deal.most, clean(deal.left - taken(deal) - others.length * least));
    changed = true;
    if (room >= core + warmUp) {
      fixed[index] = { amount: clean(Math.min(needed, floorTo(room, step))), by: 'session' };
      continue;
    }
    // Made smaller; where there is room for nothing, strides take its place.
    kept[index] = fitSession(context, key, days[index]?.date ?? '', room - 2 * warmUp);
  }
  return changed;
}

/** Where every run is a key session, what is left over lengthens the first of them. */
function giveBack(deal: Deal): void {
  const { fixed, kept, days, left, parts } = deal;
  const first = kept.findIndex((key) => key !== undefined);
  const held = fixed[first];
  if (held?.by !== 'session') return;
  if (days.some(({ role }, index) => isOther(role) && !fixed[index])) return;
  const over = clean(left - sum(parts.map(sum)));
  if (over <= 0) return;
  fixed[first] = { ...held, amount: clean(held.amount + over) };
  share(deal);
}

/** Shares out what is left to the days that are not fixed. */
function share(deal: Deal): void {
  const { context, days, fixed, left, most } = deal;
  const { rules, spec, step } = context;
  const slots: Slot[] = [];
  days.forEach((day, index) => {
    if (!isOther(day.role) || fixed[index]) return;
    const weight = weightOf(context, day);
    slots.push({ index, weight });
    if (day.double) slots.push({ index, weight: rules.week.second * weight });
  });
  const amounts = shareOut(
    Math.max(0, clean(left - taken(deal))),
    slots.map(({ weight }) => weight),
    { least: rules.week.shortestRun[spec.athlete.basis], most, step },
  );
  deal.parts = fixed.map((held, index) => (held ? split(context, days[index], held.amount) : []));
  slots.forEach(({ index }, place) => deal.parts[index]?.push(amounts[place] ?? 0));
}

/** A pinned day that is run twice is pinned as a whole. */
function split(
  { rules, spec, step }: Context,
  day: PlannedDay | undefined,
  amount: number,
): number[] {
  const least = rules.week.shortestRun[spec.athlete.basis];
  const second = Math.floor((amount * rules.week.second) / (1 + rules.week.second) / step) * step;
  const twice = day?.double === true && second >= least && amount - second >= least;
  return twice ? [clean(amount - second), clean(second)] : [amount];
}

/** What a day weighs against an easy one. */
function weightOf({ spec, rules, eventDays }: Context, { role, date }: PlannedDay): number {
  // A run that the week cannot do without stays a run, however little is asked.
  const running = eventDays.get(date)?.running || 1;
  // Runs that stay as they are stay alike.
  if (spec.week.midweek !== undefined) return running;
  switch (role) {
    case 'quality':
      return rules.week.quality * running;
    case 'semi-long':
      return rules.week.semiLong * running;
    case 'short-easy':
      return rules.week.shortEasy * running;
    case 'recovery':
      return rules.week.recoveryRun * running;
    default:
      return running;
  }
}
