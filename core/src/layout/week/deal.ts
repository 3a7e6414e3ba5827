import type { CivilDate } from '../../base/civil-date.js';
import { type EventDays, raceMetres } from '../events/event-days.js';
import type { KeySession } from '../sessions/fill-sessions.js';
import { layoutStep } from '../../rules/layout-step.js';
import type { HouseRules } from '../../rules/house-rules.js';
import { sum } from '../../base/apportion.js';
import { ceilTo, clean, floorTo } from '../../base/round.js';
import type { Wishes } from '../../spec/block-spec.js';
import { dayWishOf } from '../../spec/fixed-day.js';
import { type PlannedDay, type WeekAmounts, isOther, isRaced } from './plan-week.js';
import { shareOut } from './share-out.js';

/** What a day runs, before it is put into words. Amounts in m or s. */
export interface DealtDay {
  day: PlannedDay;
  /** Morning, and evening where there is a second run. */
  runs: number[];
  /** The session that the first run is built around. */
  key: KeySession | undefined;
  fixed: 'pin' | 'own-session' | 'session' | undefined;
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

/** How a week's own sessions come to their length, in the block's amount. */
export interface Lengths {
  /** Of a session the coach wrote for a date; undefined where there is none. */
  own: (date: CivilDate) => number | undefined;
  /** Of a key session without warming up and cooling down. */
  core: (key: KeySession) => number;
  /** The same session made to fit an amount; undefined where even one repetition is too much. */
  within: (key: KeySession, date: CivilDate, amount: number) => KeySession | undefined;
}

/**
 * Deals a week's volume out to its days, exactly: races and the long run as
 * laid, pinned days and written sessions as they are, key sessions with room to
 * warm up and cool down, the rest by role. What pins and written sessions ask
 * beyond the week is run all the same; a check says so.
 *
 * @param perMetre canonical amount of a metre
 */
export function dealWeek(
  wishes: Wishes,
  rules: HouseRules,
  days: readonly PlannedDay[],
  { volume, longRun }: Pick<WeekAmounts, 'volume' | 'longRun'>,
  eventDays: EventDays,
  keys: ReadonlyMap<CivilDate, KeySession>,
  lengths: Lengths,
  perMetre: number,
): DealtDay[] {
  const { basis } = wishes.athlete;
  const step = layoutStep(wishes.athlete, rules);
  const least = rules.week.shortestRun[basis];
  const most = longRun > 0 ? rules.week.mostOfLongRun * longRun : Infinity;
  const raced = days.map(({ date, role }) => (isRaced(role) ? racedOn(date) : 0));
  const left = clean(volume - longRun - sum(raced));
  // Day by day, by its place in the week.
  const fixed = days.map(fixedByCoach);
  const kept = days.map(({ date }, index): KeySession | undefined => {
    const key = keys.get(date);
    const held = fixed[index];
    if (!key || held?.by === 'own-session') return undefined;
    // A pinned day keeps its session, or as much of it as the pin has room for.
    const fits = !held || lengths.core(key) <= held.amount;
    return fits ? key : lengths.within(key, date, held.amount);
  });
  let parts = share();
  // Room taken for one session may leave too little for another.
  while (makeRoom()) parts = share();
  giveBack();
  return days.map((day, index): DealtDay => {
    const [first = 0, second = 0] = parts[index] ?? [];
    const amount = day.role === 'long' ? longRun : (raced[index] ?? 0) || first;
    const runs = second > 0 ? [amount, second] : amount > 0 ? [amount] : [];
    return { day, runs, key: kept[index], fixed: fixed[index]?.by };
  });

  function fixedByCoach({ date, role }: PlannedDay): Fixed | undefined {
    if (!isOther(role)) return undefined;
    const pinned = dayWishOf(wishes.days, date).amount;
    if (pinned !== undefined) return { amount: pinned, by: 'pin' };
    const own = lengths.own(date);
    return own === undefined ? undefined : { amount: own, by: 'own-session' };
  }

  /** What the fixed days come to. */
  function taken(): number {
    let total = 0;
    for (const each of fixed) total += each?.amount ?? 0;
    return total;
  }

  /** Fixes what sessions need and were not dealt; false when all have it. */
  function makeRoom(): boolean {
    let changed = false;
    for (const [index, key] of kept.entries()) {
      if (!key || fixed[index]) continue;
      const core = lengths.core(key);
      const needed = ceilTo(core + 2 * rules.sessions.warmUp[basis], step);
      if ((parts[index]?.[0] ?? 0) >= needed) continue;
      const others = days.filter(({ role }, at) => isOther(role) && at !== index && !fixed[at]);
      const room = Math.min(most, clean(left - taken() - others.length * ceilTo(least, step)));
      const warmUp = rules.sessions.warmUp[basis];
      changed = true;
      if (room >= core + warmUp) {
        fixed[index] = { amount: clean(Math.min(needed, floorTo(room, step))), by: 'session' };
        continue;
      }
      // Made smaller; where there is room for nothing, strides take its place.
      kept[index] = lengths.within(key, days[index]?.date ?? '', room - 2 * warmUp);
    }
    return changed;
  }

  /** Where every run is a key session, what is left over lengthens the first of them. */
  function giveBack(): void {
    const first = kept.findIndex((key) => key !== undefined);
    const held = fixed[first];
    if (held?.by !== 'session') return;
    if (days.some(({ role }, index) => isOther(role) && !fixed[index])) return;
    const over = clean(left - sum(parts.map(sum)));
    if (over <= 0) return;
    fixed[first] = { ...held, amount: clean(held.amount + over) };
    parts = share();
  }

  /** First and second run of every day that shares. */
  function share(): number[][] {
    const slots: Slot[] = [];
    days.forEach(({ role, double }, index) => {
      if (!isOther(role) || fixed[index]) return;
      const weight = weightOf(role) * runningOn(index);
      slots.push({ index, weight });
      if (double) slots.push({ index, weight: rules.week.second * weight });
    });
    const amounts = shareOut(
      Math.max(0, clean(left - taken())),
      slots.map(({ weight }) => weight),
      { least, most, step },
    );
    const found = fixed.map((held, index) => (held ? split(index, held.amount) : []));
    slots.forEach(({ index }, place) => found[index]?.push(amounts[place] ?? 0));
    return found;
  }

  /** A pinned day that is run twice is pinned as a whole. */
  function split(index: number, amount: number): number[] {
    const second = Math.floor((amount * rules.week.second) / (1 + rules.week.second) / step) * step;
    const twice = days[index]?.double === true && second >= least && amount - second >= least;
    return twice ? [clean(amount - second), clean(second)] : [amount];
  }

  function runningOn(index: number): number {
    // A run that the week cannot do without stays a run, however little is asked.
    return eventDays.get(days[index]?.date ?? '')?.running || 1;
  }

  function racedOn(date: CivilDate): number {
    const race = eventDays.get(date)?.race;
    return Math.min(raceMetres(race) * perMetre, volume - longRun);
  }

  function weightOf(role: PlannedDay['role']): number {
    // Runs that stay as they are stay alike.
    if (wishes.week.midweek !== undefined) return 1;
    switch (role) {
      case 'quality':
        return rules.week.quality;
      case 'semi-long':
        return rules.week.semiLong;
      case 'short-easy':
        return rules.week.shortEasy;
      case 'recovery':
        return rules.week.recoveryRun;
      default:
        return 1;
    }
  }
}
