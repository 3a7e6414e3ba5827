import type { CivilDate } from '../base/index.js';
import { amountOf, type WeekOfAmounts } from './amounts.js';
import type { Day } from './block/day.js';
import type { Week } from './block/week.js';
import type { Context } from './context/context.js';
import { eventsIn } from './events/event-days.js';
import { type Cuts, eventCuts, heaviestOf, recoveryCuts, taperCuts } from './fill/cuts.js';
import { dealWeek, isHeld } from './fill/deal.js';
import type { WeekToDeal } from './fill/open-deal.js';
import { atMost, type Built, comingBack, fallsShort, heldBy, noMoreThan } from './held-back.js';
import { layDays } from './fill/lay-days.js';
import { opened } from './fill/opened.js';
import { PLAIN, setApart, type Way } from './fill/set-apart.js';
import { totalsOf } from './fill/week-totals.js';
import { noPast, type WeekThen } from './past/past.js';
import type { KeySession } from './sessions/key-session.js';
import { isAtRecovery } from './volume/climb.js';
import { restarts } from './written/restarts.js';
import type { PlannedDay } from './week/planning.js';

/** What the days of a block are dealt by. */
interface Dealing extends Pick<WeekToDeal, 'placeOf'> {
  roles: readonly (readonly PlannedDay[])[];
  keys: ReadonlyMap<CivilDate, KeySession>;
}

/** Weeks with the amounts of every run, each cut from those before it where it rests or tapers. */
export function fillWeeks(
  context: Context,
  amounts: readonly WeekOfAmounts[],
  { roles, keys, placeOf }: Dealing,
): Week[] {
  const { basis } = context.spec.athlete;
  const built: Built[] = [];
  const weeks: Week[] = [];
  let heaviest: (readonly Day[])[] | undefined;
  let tapered = Infinity;
  let begun = false;
  for (const [index, of] of amounts.entries()) {
    if (of.frame.dayShares)
      heaviest ??= heaviestOf(
        built.map(({ week: { days } }) => days),
        basis,
      );
    const cuts = atMost(tapered, cutsOf(context, of, { heaviest, last: built.at(-1)?.week.days }));
    const lighter = of.frame.dayShares && !cuts ? noMoreThan(context, tapered, of) : of;
    const held = comingBack(context, heldBy(context, lighter, built), weeks.at(-1));
    const asked = { of: held, days: roles[index] ?? [], cuts, keys, placeOf };
    const week = fillWeek(context, amountOf(held).isPinned ? withRoom(context, asked) : asked);
    weeks.push(week);
    begun ||= restarts(context.spec, of.frame);
    // What illness or days away take of a taper week, they do not take of the next.
    if (of.frame.dayShares && of.frame.running >= 1) tapered = week.volume;
    if (week.kind === 'building' && week.length === 7 && week.running === 1) {
      // What was run before the climb began anew is cut from no longer.
      if (begun) built.length = 0;
      begun = false;
      built.push({ week, meant: of.volume.volume });
    }
  }
  return weeks;
}

/** What a week is cut from: the heaviest in a taper, the last building week where it rests or an event takes from it. */
function cutsOf(
  context: Context,
  { frame, volume }: WeekOfAmounts,
  {
    heaviest = [],
    last,
  }: { heaviest: (readonly Day[])[] | undefined; last: readonly Day[] | undefined },
): Cuts | undefined {
  if (frame.dayShares) return heaviest.length > 0 ? taperCuts(context, frame, heaviest) : undefined;
  if (!last || (volume.rule === 'pin' && !volume.recovery)) return undefined;
  // A camp that asks for more cuts nothing.
  if (volume.rule === 'event') {
    return frame.running > 1 ? undefined : eventCuts(context, last, frame.kind === 'recovery');
  }
  return volume.recovery && context.spec.week.midweek === undefined
    ? recoveryCuts(context, last)
    : undefined;
}

/** A week, and what its days are dealt by. */
interface DealingOfWeek extends Omit<Dealing, 'roles'> {
  of: WeekOfAmounts;
  days: readonly PlannedDay[];
  cuts: Cuts | undefined;
}

/** A week that the coach fixed, on another day too where its runs would not hold it else. */
function withRoom(context: Context, asked: DealingOfWeek): DealingOfWeek {
  const { of, cuts, placeOf, keys } = asked;
  if (of.over) return asked;
  const { volume, longRun } = amountOf(of);
  const week = { volume, longRun, pinned: true, cuts, placeOf, ...PLAIN };
  // As before it began, so that nothing to come moves.
  const planned = { ...context, past: noPast };
  const days = opened(context, asked.days, (tried) =>
    isHeld(planned, { ...week, days: tried }, keys),
  );
  return { ...asked, days };
}

/** A week with the amounts of every run, exact. */
function fillWeek(
  context: Context,
  { of: week, days: planned, cuts, keys, placeOf }: DealingOfWeek,
): Week {
  const { over, volume: laid } = week;
  const then = over?.at(-1)?.week;
  if (over && then) {
    return weekOf(
      context,
      week,
      then,
      over.map(({ day }) => day),
    );
  }
  const { volume, longRun, isPinned: pinned } = amountOf(week);
  const dealIn = (within: Context) => (way: Way) => {
    const toDeal = { days: planned, volume, longRun, pinned, cuts, placeOf, ...way };
    const dealt = dealWeek(within, toDeal, keys);
    const runs = { segment: week.segment, recovery: isAtRecovery(laid) };
    return { volume: dealt.volume, days: layDays(within, dealt.days, runs), way };
  };
  const deal = dealIn(context);
  // A week under way is dealt as it was before it began, so that nothing to come moves.
  const isBegun = context.past.asOf !== undefined && week.frame.start < context.past.asOf;
  const meant = isBegun ? dealIn({ ...context, past: noPast }) : deal;
  const chosen = cuts ? meant(PLAIN) : setApart(context, meant, laid.volume);
  const dealt = isBegun ? deal(chosen.way) : chosen;
  return weekOf(context, week, weekToCome(week, dealt.volume, cuts !== undefined), dealt.days);
}

/** Every field written out: a week is made at every key stroke, and copied none the quicker from parts. */
function weekOf({ spec }: Context, { frame }: WeekOfAmounts, then: WeekThen, days: Day[]): Week {
  const total = totalsOf(days);
  return {
    number: frame.number,
    toGo: frame.toGo,
    start: frame.start,
    length: frame.length,
    kind: then.kind,
    phase: then.phase,
    recovery: then.recovery,
    recoveryDue: then.recoveryDue,
    volume: then.volume,
    volumeRule: then.volumeRule,
    longRun: then.longRun,
    longRunRule: then.longRunRule,
    segment: then.segment,
    taperShare: then.taperShare,
    running: then.running,
    events: eventsIn(frame, spec.events),
    days,
    hardDays: total.hardDays,
    runDays: total.runDays,
    distance: total.distance,
    time: total.time,
    equivalentDistance: total.equivalentDistance,
    equivalentTime: total.equivalentTime,
    hardDistance: total.hardDistance,
    hardTime: total.hardTime,
  };
}

/** What a week is, its volume as it was dealt. */
function weekToCome(
  { frame, volume: laid, longRun, segment }: WeekOfAmounts,
  volume: number,
  isCut: boolean,
): WeekThen {
  const { recovery, rule } = laid;
  // A short first week still stands for the start it was taken from, one that an event cuts for nothing.
  const stays = rule === 'short-first-week' || rule === 'event';
  const isLower = fallsShort(volume, laid.volume) && !isCut && !stays;
  return {
    kind: recovery ? 'recovery' : frame.kind === 'recovery' ? 'building' : frame.kind,
    phase: frame.phase.kind,
    recovery,
    recoveryDue: frame.kind === 'recovery',
    volume,
    volumeRule: isLower ? 'bounded' : rule,
    longRun: longRun.longRun,
    longRunRule: longRun.rule,
    segment,
    taperShare: frame.taperShare,
    running: frame.running,
  };
}
