import {
  addDays,
  type CivilDate,
  startOfWeek,
  type Weekday,
  weekdayOf,
  weekdaysFrom,
} from '../../base/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import type { BlockSpec } from '../../spec/index.js';
import type { PlanCell } from './plan-cells.js';

/** The week's day with the largest figure; undefined where none has one. */
type Longest = ReadonlyMap<CivilDate, CivilDate | undefined>;

/** The weekday on which most long runs of a plan are, and the long runs that are on another day. */
export function longRunsOf(
  cells: readonly PlanCell[],
  { weekStartsOn, race, week }: BlockSpec & { race: { date: string }; weekStartsOn: Weekday },
): Pick<BlockSpec, 'week' | 'days'> {
  const longest = longestOf(cells, weekStartsOn, race.date);
  const usual = mostOften([...longest.values()].flatMap((date) => date ?? []).map(weekdayOf));
  if (!usual) return { week };
  const place = weekdaysFrom(weekStartsOn).indexOf(usual);
  const days = [...longest].flatMap(([start, date]): FixedDay[] => {
    const usually = addDays(start, place);
    if (date === usually) return [];
    const none: FixedDay[] = usually < race.date ? [{ date: usually, role: 'rest' }] : [];
    return date === undefined ? none : [...none, { date, role: 'long' }];
  });
  return { week: { ...week, longRunOn: usual }, days };
}

function longestOf(
  cells: readonly PlanCell[],
  weekStartsOn: Weekday,
  raceDate: CivilDate,
): Longest {
  const found = new Map<CivilDate, CivilDate | undefined>();
  const most = new Map<CivilDate, number>();
  for (const { kind, date, text } of cells) {
    if (kind !== 'day' || date >= raceDate) continue;
    const start = startOfWeek(date, weekStartsOn);
    const amount = figureOf(text);
    if (!found.has(start)) found.set(start, undefined);
    if (amount === undefined || amount <= (most.get(start) ?? 0)) continue;
    most.set(start, amount);
    found.set(start, date);
  }
  return found;
}

/** How much is run, by the figure a cell begins with; repetitions and cross-training are none. */
function figureOf(text: string): number | undefined {
  const [, figure, rest = ''] = /^(?:[a-z -]+ )?(\d+(?:[.,]\d+)?)(.*)$/i.exec(text.trim()) ?? [];
  if (figure === undefined || /^ ?(?:x|min|m\b|h\b|[’':])|pool|bike|swim/i.test(rest))
    return undefined;
  return Number(figure.replace(',', '.'));
}

function mostOften(days: readonly Weekday[]): Weekday | undefined {
  const counts = new Map<Weekday, number>();
  for (const day of days) counts.set(day, (counts.get(day) ?? 0) + 1);
  return [...counts].sort(([, one], [, other]) => other - one)[0]?.[0];
}
