import { addDays, type CivilDate, weekdayOf } from '../../base/index.js';
import type { PhaseKind } from '../../spec/choices/index.js';
import { type FixedDay, fixedWeekdayOf } from '../../spec/days/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Block } from '../block/block.js';
import { rulesOf } from '../../rules/index.js';
import { eventDays, type EventDays } from '../events/event-days.js';

/** A week of dates. */
interface Dates {
  number: number;
  start: CivilDate;
  length: number;
  phase: PhaseKind;
}

/** A date of which something is fixed. */
export interface FixedDate extends FixedDay {
  /** True where what is done on it is fixed by its weekday. */
  byWeekday?: boolean;
}

/** What of a spec says what is fixed. */
type FixedSpec = Pick<ResolvedSpec, 'days' | 'race' | 'pins'> & {
  week: Pick<ResolvedSpec['week'], 'fixed'>;
};

/**
 * Every date of which something is fixed: by the coach for the date, else for
 * its weekday. The goal race, races on the way and a week fixed at nothing go
 * over a weekday.
 */
export function fixedDays(
  { days, week: { fixed = [] }, race, pins }: FixedSpec,
  weeks: readonly Dates[],
  events: EventDays,
): ReadonlyMap<CivilDate, FixedDate> {
  const found = new Map<CivilDate, FixedDate>(days.map((day) => [day.date, day]));
  if (fixed.length === 0) return found;
  const empty = new Set(pins.flatMap(({ week, volume }) => (volume === 0 ? [week] : [])));
  for (const week of weeks) {
    if (empty.has(week.number)) continue;
    for (let index = 0; index < week.length; index++) {
      const date = addDays(week.start, index);
      if (date >= race.date || events.get(date)?.race) continue;
      const rule = fixedWeekdayOf(fixed, weekdayOf(date), week);
      if (!rule) continue;
      const { weekday: _weekday, phases: _phases, weeks: _weeks, ...asked } = rule;
      found.set(date, together(date, asked, found.get(date)));
    }
  }
  return found;
}

/** What is fixed of a date; where it says itself what is done, nothing of its weekday is left. */
function together(date: CivilDate, asked: Partial<FixedDay>, own: FixedDay | undefined): FixedDate {
  const { role, amount, session } = own ?? {};
  if (own && [role, amount, session].some((value) => value !== undefined)) return own;
  // What goes with it, and how it is done instead, is the date's.
  const besides = Object.entries(own ?? {}).filter(([, value]) => value !== undefined);
  return { ...asked, ...Object.fromEntries(besides), date, byWeekday: true };
}

const known = new WeakMap<Pick<Block, 'spec' | 'weeks'>, ReadonlyMap<CivilDate, FixedDate>>();

/** Every date of a laid-out block of which something is fixed, worked out once. */
export function fixedDatesOf(
  block: Pick<Block, 'spec' | 'weeks'>,
): ReadonlyMap<CivilDate, FixedDate> {
  const found =
    known.get(block) ??
    fixedDays(block.spec, block.weeks, eventDays(block.spec.events, rulesOf(block.spec)));
  known.set(block, found);
  return found;
}
