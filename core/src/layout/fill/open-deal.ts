import type { Day } from '../block/day.js';
import { type CivilDate, clean, sum } from '../../base/index.js';
import { isUnder18 } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import { raceDay } from './race-day.js';
import { isAsWritten, type KeySession } from '../sessions/key-session.js';
import {
  amountOf,
  fitSession,
  lengthOf,
  otherLength,
  ownLength,
} from '../sessions/session-lengths.js';
import type { PlannedDay } from '../week/planning.js';
import { isOther, isRaced } from '../week/roles.js';
import { type Shaping, weightOf } from './shape.js';

/** A week that is dealt out to its days. Amounts in m or s. */
export interface WeekToDeal extends Pick<Shaping, 'placeOf' | 'cuts' | 'contrast'> {
  days: readonly PlannedDay[];
  volume: number;
  longRun: number;
  /** True where its larger days may be run twice, so that days differ. */
  doubled: boolean;
  /** True where its volume is run whatever its days bear. */
  pinned: boolean;
}

/** What has settled the running of a day before the week is dealt out. */
export type FixedBy = 'pin' | 'own-session' | 'session' | 'past';

/** The running of a day that shares no more. */
interface Fixed {
  amount: number;
  by: FixedBy;
}

/** A week while it is dealt out, day by day. Amounts in m or s. */
export interface Deal extends Shaping, Omit<WeekToDeal, keyof Shaping> {
  raced: readonly number[];
  /** What long run and races leave, and of it what the fixed days leave. */
  left: number;
  fixed: readonly (Fixed | undefined)[];
  /** Key sessions that stay, made smaller where they must be. */
  kept: (KeySession | undefined)[];
  /** Days that get no run for want of volume. */
  without: Set<number>;
  /** Days that are run twice. */
  twice: Set<number>;
}

/** A week before its volume is dealt out: what is fixed, what is left, which days are run twice. */
export function openDeal(
  context: Context,
  week: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
): Deal {
  const { rules, spec } = context;
  const { days, volume, longRun } = week;
  const raced = racedOn(context, week);
  // Where a race has taken the long run, its runs are no shorter for it.
  const instead = sum(raced) > 0 ? Math.max(spec.longRun.start, ...raced) : 0;
  const longest = longRun > 0 ? longRun : instead;
  const most = longest > 0 ? rules.week.mostOfLongRun * longest : Infinity;
  const fixed = days.map((day) => fixedByCoach(context, day) ?? inTaper(context, week, keys, day));
  const kept = days.map(({ date }, index): KeySession | undefined => {
    const key = keys.get(date);
    const held = fixed[index];
    if (!key || held?.by === 'own-session') return undefined;
    // A pinned day keeps its session, or as much of it as the pin has room for.
    const fits = !held || amountOf(context, key.laid) <= held.amount;
    if (fits) return key;
    return isAsWritten(key.family) ? undefined : fitSession(context, key, date, held.amount);
  });
  const taken = sum(fixed.map((each) => each?.amount ?? 0));
  const twice = new Set(
    days.flatMap((day, index) => (isRunTwice(context, week, day, fixed[index]) ? [index] : [])),
  );
  const left = Math.max(0, clean(volume - longRun - sum(raced) - taken));
  // Runs that are to stay as they are know no ceiling but the taper's.
  const free = spec.week.midweek !== undefined && week.cuts?.atMost === undefined;
  const { pinned, doubled, cuts, placeOf, contrast } = week;
  return {
    days,
    volume,
    longRun,
    pinned,
    doubled,
    cuts,
    placeOf,
    contrast,
    context,
    raced,
    left,
    most: free ? Infinity : most,
    mostAtOnce: mostAtOnce(context, week),
    fixed,
    kept,
    without: new Set(),
    twice,
  };
}

/**
 * What the days with a race or a test hold: the race itself, and as much warming up as its
 * week has room for. Of two races in a week the warming up of one takes nothing from the other.
 */
function racedOn(context: Context, { days, volume, longRun }: WeekToDeal): number[] {
  const { eventDays, past, spec } = context;
  const { basis } = spec.athlete;
  const races = days.map(({ date, role }) => {
    const race = isRaced(role) ? eventDays.get(date)?.race : undefined;
    return race && raceDay(context, race);
  });
  const alone = races.map((race) => (basis === 'time' ? race?.seconds : race?.metres) ?? 0);
  const most = Math.max(0, volume - longRun);
  let room = Math.max(0, most - sum(alone));
  return days.map(({ date }, index) => {
    const race = races[index];
    if (!race) return 0;
    const own = past.on(date)?.day[basis] ?? ownLength(context, date);
    if (own !== undefined) return own;
    const amount = Math.min(race.amount, (alone[index] ?? 0) + room, most);
    room -= Math.max(0, amount - (alone[index] ?? 0));
    return amount;
  });
}

/** Where days may be run twice no easy run is longer than the house rule has it; a day pinned or fixed is. */
function mostAtOnce(context: Context, { volume, days }: WeekToDeal): number {
  const { rules, spec, easyOn } = context;
  const { basis } = spec.athlete;
  const mayDouble = volume >= rules.week.doublesFrom[basis] && !isUnder18(spec);
  const [first] = days;
  if (!mayDouble || !first || spec.week.midweek !== undefined) return Infinity;
  const { longestSingle } = rules.week;
  return basis === 'time' ? longestSingle : (longestSingle / easyOn(first.date)) * 1000;
}

function fixedByCoach(context: Context, { date, role }: PlannedDay): Fixed | undefined {
  if (!isOther(role)) return undefined;
  const past = context.past.on(date)?.day;
  if (past) return { amount: amountOfPast(context, past), by: 'past' };
  const { amount: pinned } = context.fixedOn(date);
  if (pinned !== undefined) return { amount: pinned, by: 'pin' };
  const own = ownLength(context, date);
  return own === undefined
    ? undefined
    : { amount: clean(own + otherLength(context, date)), by: 'own-session' };
}

/** A session that is run as written has its length in a taper too; what that is over its cut, a check says. */
function inTaper(
  context: Context,
  { cuts }: WeekToDeal,
  keys: ReadonlyMap<CivilDate, KeySession>,
  { date }: PlannedDay,
): Fixed | undefined {
  const key = keys.get(date);
  if (cuts?.atMost === undefined || !key || !isAsWritten(key.family)) return undefined;
  return { amount: lengthOf(context, key), by: 'session' };
}

/** What a day that is over took of its week; swapped running, as if it had been run. */
function amountOfPast(context: Context, day: Day): number {
  const { spec, easyOn, recoveryOn } = context;
  const { date, swap, cross, atRecovery } = day;
  if (!swap) return day[spec.athlete.basis];
  return spec.athlete.basis === 'time'
    ? cross.time
    : Math.round((cross.time / (atRecovery ? recoveryOn : easyOn)(date)) * 1000);
}

/** As the coach asked; a day that they wrote once, or else as the day that it is cut from, or as a large one. */
function isRunTwice(
  context: Context,
  week: WeekToDeal,
  day: PlannedDay,
  fixed: Fixed | undefined,
): boolean {
  if (day.double !== undefined) return day.double;
  const isWritten = fixed?.by === 'pin' || fixed?.by === 'own-session';
  if (isWritten || !isOther(day.role)) return false;
  return week.cuts?.of(day).twice === true || (week.doubled && isLarge(context, week, day));
}

/** True for a day that weighs more than an easy one. */
function isLarge(context: Context, { placeOf, cuts }: WeekToDeal, day: PlannedDay): boolean {
  const free = { most: Infinity, mostAtOnce: Infinity };
  return weightOf({ context, placeOf, cuts, contrast: 1, ...free }, day) > 1;
}
