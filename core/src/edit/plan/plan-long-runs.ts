import {
  addDays,
  type CivilDate,
  startOfWeek,
  type Weekday,
  weekdayOf,
  weekdaysFrom,
} from '../../base/index.js';
import { racedAlone } from '../../sessions/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import type { BlockSpec } from '../../spec/index.js';
import type { PlanCell } from './plan-cells.js';

/** The week's day with the largest figure; undefined where none has one. */
type Longest = ReadonlyMap<CivilDate, CivilDate | undefined>;

/** The long runs of a plan. */
interface LongRuns extends Pick<BlockSpec, 'week' | 'days'> {
  /** The day of each week on which most is run. */
  longest: ReadonlySet<CivilDate>;
}

/** The weekday on which most long runs of a plan are, and the long runs that are on another day. */
export function longRunsOf(
  cells: readonly PlanCell[],
  {
    weekStartsOn,
    race,
    week,
    athlete,
  }: BlockSpec & { race: { date: string }; weekStartsOn: Weekday },
): LongRuns {
  const longest = longestOf(cells, {
    weekStartsOn,
    raceDate: race.date,
    byTime: athlete?.basis === 'time',
  });
  const dates = new Set([...longest.values()].flatMap((date) => date ?? []));
  const usual = mostOften([...dates].map(weekdayOf));
  if (!usual) return { week, longest: dates };
  const place = weekdaysFrom(weekStartsOn).indexOf(usual);
  const raced = new Set(cells.flatMap(({ date, text }) => (racedAlone(text) ? [date] : [])));
  const days = [...longest].flatMap(([start, date]): FixedDay[] => {
    const usually = addDays(start, place);
    if (date === usually) return [];
    const none: FixedDay[] = usually < race.date ? [{ date: usually, role: 'rest' }] : [];
    return date === undefined || raced.has(date) ? none : [...none, { date, role: 'long' }];
  });
  return { week: { ...week, longRunOn: usual }, days, longest: dates };
}

function longestOf(
  cells: readonly PlanCell[],
  {
    weekStartsOn,
    raceDate,
    byTime,
  }: { weekStartsOn: Weekday; raceDate: CivilDate; byTime: boolean },
): Longest {
  const found = new Map<CivilDate, CivilDate | undefined>();
  const most = new Map<CivilDate, number>();
  for (const { kind, date, text } of cells) {
    if (kind !== 'day' || date >= raceDate) continue;
    const start = startOfWeek(date, weekStartsOn);
    const amount = minutesIn(text, byTime);
    if (!found.has(start)) found.set(start, undefined);
    if (amount === undefined || amount <= (most.get(start) ?? 0)) continue;
    most.set(start, amount);
    found.set(start, date);
  }
  return found;
}

/** A run that is called long is the longest of its week, however it is measured. */
const CALLED_LONG = /\b(?:long(?: \w+)? run|long|lr|lsd)\b/i;
const NOT_LONG = /\b(?:medium|semi|mid)\b/i;
const LONGER_THAN_ANY = 10_000;

/** A kilometre or a mile takes about so long. */
const MINUTES = 6;

/** `XT 45`, `Yoga 60 min`: not run. */
const NOT_RUN =
  /^(?:xt|x-?train|cross|bike|ride|cycl|spin|swim|pool|aqua|row|ellip|walk|hike|gym|strength|core|yoga|pilates)/i;
/** `6 x 800 m`, `45 min XT`, `60 min easy bike`: neither. */
const NO_LENGTH =
  /^ ?(?:x|m\b)|pool|bike|ride|swim|^ ?(?:min\w*|[’'′])? ?(?:cross|ellip|gym|hike|row|walk|yoga)/i;

/** About how long is run, by the figure a cell begins with. */
function minutesIn(text: string, byTime: boolean): number | undefined {
  const raced = racedAlone(text);
  if (raced) return (MINUTES * raced.distance) / 1000;
  const [, figure, rest = ''] = /^(?:[a-z:-]+ )*(\d+(?:[.,]\d+)?)(.*)$/i.exec(text.trim()) ?? [];
  if (figure === undefined || NOT_RUN.test(text.trim()) || NO_LENGTH.test(rest)) return undefined;
  const called = CALLED_LONG.test(text) && !NOT_LONG.test(text) ? LONGER_THAN_ANY : 0;
  const number = Number(figure.replace(',', '.'));
  return called + (minutesOf(number, rest) ?? (byTime ? number : MINUTES * number));
}

/** Minutes where a figure counts time: `90 min`, `105'`, `1:45`, `1h45`, `2 hrs`; undefined of a distance. */
function minutesOf(number: number, rest: string): number | undefined {
  if (/^ ?(?:min|[’'′])/i.test(rest)) return number;
  const hours = /^(?: ?h(?:ou)?r?s?|:) ?([0-5]\d)?/i.exec(rest);
  return hours ? 60 * number + Number(hours[1] ?? 0) : undefined;
}

function mostOften(days: readonly Weekday[]): Weekday | undefined {
  const counts = new Map<Weekday, number>();
  for (const day of days) counts.set(day, (counts.get(day) ?? 0) + 1);
  return [...counts].sort(([, one], [, other]) => other - one)[0]?.[0];
}
