import { daysUntilWeekday, shiftWeekday, sum, type Weekday, weekdays } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';

/** The coach's week as it can be run: which weekdays run, and as what. */
export interface WeekPattern {
  longRunOn: Weekday;
  qualityOn: Weekday[];
  /** All run days, the long run's and the quality days among them, in week order. */
  runOn: Weekday[];
}

/**
 * Fits the coach's week to the days the athlete has. Days away win over every
 * wish: a long run or quality day that falls on one moves to the free day
 * farthest from the other hard days, a quality day only where an easy day stays
 * between. The rest of the run days are chosen for the hard days that are left,
 * so that rest falls after them, and few runs are spread.
 *
 * @param mostHard quality days that this week bears
 */
export function placeDays(
  spec: Pick<ResolvedSpec, 'week' | 'athlete' | 'weekStartsOn'>,
  mostHard = Infinity,
): WeekPattern {
  const { week, athlete, weekStartsOn } = spec;
  const ordered = weekdays.map((_, index) => shiftWeekday(weekStartsOn, index));
  const free = ordered.filter((day) => !athlete.unavailable.includes(day));
  const open = free.filter((day) => !week.restOn.includes(day));
  const longRunOn = freeLongRunDay(week, free);

  const qualityOn: Weekday[] = [];
  for (const wished of week.qualityOn.slice(0, Math.max(0, week.runDays - 1))) {
    const hard = [longRunOn, ...week.qualityOn.filter((day) => free.includes(day)), ...qualityOn];
    const day = free.includes(wished) ? wished : farthest(open, hard);
    if (day && day !== longRunOn && !qualityOn.includes(day)) qualityOn.push(day);
  }
  const last = shiftWeekday(weekStartsOn, 6);
  const place = { longRunOn, qualityOn, open, runDays: week.runDays, last };
  const full = bestOf(place, qualityOn.length, []);
  const best = mostHard < qualityOn.length ? bestOf(place, mostHard, full.runOn) : full;
  return { ...best, longRunOn, runOn: ordered.filter((day) => best.runOn.includes(day)) };
}

/** The day wished for the long run, else the last free one, rather one that is not rested. */
export function freeLongRunDay(
  { longRunOn, restOn }: Pick<ResolvedSpec['week'], 'longRunOn' | 'restOn'>,
  free: readonly Weekday[],
): Weekday {
  if (free.includes(longRunOn)) return longRunOn;
  return free.findLast((day) => !restOn.includes(day)) ?? free.at(-1) ?? longRunOn;
}

/** Days among which a week is placed. */
interface Placing {
  longRunOn: Weekday;
  qualityOn: readonly Weekday[];
  open: readonly Weekday[];
  runDays: number;
  /** The last day of the week: after one that rests another follows, with its hard days. */
  last: Weekday;
}

/** What a run day costs that is none in the weeks with all their hard days. */
const ANOTHER_DAY = 2.5;

/**
 * Which quality days stay and which other days are run, so that rest falls where
 * it does most; the first of equals.
 *
 * @param usual run days of the weeks with all their hard days, kept where they may be
 */
function bestOf(
  place: Placing,
  mostHard: number,
  usual: readonly Weekday[],
): Pick<WeekPattern, 'qualityOn' | 'runOn'> {
  const { longRunOn, qualityOn, open, runDays, last } = place;
  const key = [longRunOn, qualityOn, open, runDays, last, mostHard, usual].join('|');
  const known = found.get(key) ?? search(place, mostHard, usual);
  if (found.size >= MOST_KNOWN) found.clear();
  found.set(key, known);
  return known;
}

/** Weeks are laid out at every key stroke, and are placed in few ways. */
const found = new Map<string, Pick<WeekPattern, 'qualityOn' | 'runOn'>>();
const MOST_KNOWN = 500;

function search(
  { longRunOn, qualityOn, open, runDays, last }: Placing,
  mostHard: number,
  usual: readonly Weekday[],
): Pick<WeekPattern, 'qualityOn' | 'runOn'> {
  let best: Pick<WeekPattern, 'qualityOn' | 'runOn'> = { qualityOn: [], runOn: [longRunOn] };
  let least = Infinity;
  const usuallyHard = new Set([longRunOn, ...qualityOn]);
  for (const kept of choices(qualityOn, mostHard)) {
    const hard = new Set([longRunOn, ...kept]);
    const others = open.filter((day) => !hard.has(day));
    for (const easy of choices(others, runDays - hard.size)) {
      const runOn = [...hard, ...easy];
      const moved = usual.length === 0 ? 0 : easy.filter((day) => !usual.includes(day)).length;
      const running = new Set(runOn);
      const cost = sum(
        weekdays.map((day) => {
          const hardAfter = day === last && mostHard === 0 ? usuallyHard : hard;
          return costOf(day, running, { hard, hardAfter, longRunOn });
        }),
      );
      if (cost + ANOTHER_DAY * moved >= least) continue;
      [best, least] = [{ qualityOn: kept, runOn }, cost + ANOTHER_DAY * moved];
    }
  }
  return best;
}

/** The open day with the most days to its nearest hard day; none under two. */
function farthest(open: readonly Weekday[], hard: readonly Weekday[]): Weekday | undefined {
  let best: Weekday | undefined;
  let most = 1;
  for (const day of open) {
    const gap = Math.min(
      ...hard.map((other) => Math.min(daysUntilWeekday(day, other), daysUntilWeekday(other, day))),
    );
    if (gap > most) [best, most] = [day, gap];
  }
  return best;
}

/** Every way to take so many of the days; all of them where there are too few. */
function choices(days: readonly Weekday[], count: number): Weekday[][] {
  if (count <= 0) return [[]];
  if (count >= days.length) return [[...days]];
  return days.flatMap((day, index) =>
    choices(days.slice(index + 1), count - 1)
      .filter((rest) => rest.length === count - 1)
      .map((rest) => [day, ...rest]),
  );
}

/** With so few run days they are spread over the week before all else. */
const FEW_RUN_DAYS = 4;

/** Hard days of a week, and those that the day after one of its days is told by. */
interface Hard {
  hard: ReadonlySet<Weekday>;
  hardAfter: ReadonlySet<Weekday>;
  longRunOn: Weekday;
}

/**
 * What a day costs as it stands: rest before something hard, above all before the
 * long run; two days of rest in a row; with few run days, two runs in a row. Rest
 * after something hard is a gain, most after the long run.
 */
function costOf(
  day: Weekday,
  running: ReadonlySet<Weekday>,
  { hard, hardAfter, longRunOn }: Hard,
): number {
  const [before, after] = [shiftWeekday(day, -1), shiftWeekday(day, 1)];
  if (running.has(day)) return running.size <= FEW_RUN_DAYS && running.has(after) ? 10 : 0;
  const stiff = after === longRunOn ? 6 : hardAfter.has(after) ? 4 : 0;
  const idle = running.has(after) ? 0 : 3;
  const gained = before === longRunOn ? 2 : hard.has(before) ? 1 : 0;
  return stiff + idle - gained;
}
