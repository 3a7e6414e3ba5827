import type { Found } from './message-of.js';

/** Where it was found: `Week 5`; `Weeks 3, 5 and 9 (worst in week 5)`. */
export function where(found: Found): string {
  const all = weekWords(found.weeks);
  const isAlike = !found.each || found.each.every(({ value }) => value === found.value);
  return isAlike ? all : `${all} (worst in ${weekWords(worstOf(found).weeks).toLowerCase()})`;
}

/** `Week 5`; `Weeks 3–5 and 9`. */
export function weekWords(weeks: readonly number[]): string {
  return `${weeks.length === 1 ? 'Week' : 'Weeks'} ${listWords(rangesOf(weeks))}`;
}

/** `Tue 5 Jan`, or `Tue 5 Jan and 2 other days`. */
export function andOthers(first: string, others: number, one: string, more: string): string {
  return others === 0 ? first : `${first} and ${others} other ${others === 1 ? one : more}`;
}

/** Of all that was found the part whose figures are said. */
export function worstOf(found: Found): Found {
  const { value, limit } = found;
  return found.each?.find((each) => each.value === value && each.limit === limit) ?? found;
}

/** `one`, `one and two`, `one, two and three`. */
export function listWords(items: readonly string[]): string {
  const last = items.at(-1) ?? '';
  return items.length < 2 ? last : `${items.slice(0, -1).join(', ')} and ${last}`;
}

/** Neighbouring weeks as one: `3–5`, `9`. */
function rangesOf(weeks: readonly number[]): string[] {
  const ranges: [number, number][] = [];
  for (const week of weeks) {
    const last = ranges.at(-1);
    if (last && week === last[1] + 1) last[1] = week;
    else ranges.push([week, week]);
  }
  return ranges.flatMap(([from, to]) => {
    if (to - from === 1) return [`${from}`, `${to}`];
    return from === to ? [`${from}`] : [`${from}–${to}`];
  });
}
