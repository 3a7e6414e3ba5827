import {
  addDays,
  type CivilDate,
  daysUntilWeekday,
  differenceInDays,
  startOfWeek,
  type Weekday,
  weekdayOf,
} from '../base/index.js';
import type { BlockEvent, FixedDay } from '../spec/days/index.js';
import type { ResolvedSpec } from '../spec/index.js';

/** A date of a template: a weekday so many weeks before the week of the race. */
interface WeeksToGo {
  toGo: number;
  weekday: Weekday;
}

/** What a template keeps of a date; how it was done instead was for one athlete. */
export type TemplateDay = Omit<FixedDay, 'date' | 'swap'> & WeeksToGo;

/** An event of a template, and how many days it lasts. */
export type TemplateEvent = Omit<BlockEvent, 'from' | 'to'> & WeeksToGo & { lasts: number };

type Dated = Pick<ResolvedSpec, 'race' | 'weekStartsOn'>;

/** What is fixed of single dates, by weeks to go. */
export function templateDays({ days, ...of }: Dated & Pick<ResolvedSpec, 'days'>): TemplateDay[] {
  return days.map(({ date, swap: _swap, ...asked }) => ({ ...asked, ...weeksToGo(date, of) }));
}

/** What stands on the way, by weeks to go; an illness was one athlete's. */
export function templateEvents({
  events,
  ...of
}: Dated & Pick<ResolvedSpec, 'events'>): TemplateEvent[] {
  return events
    .filter(({ kind }) => kind !== 'illness')
    .map(({ from, to = from, ...event }) => ({
      ...event,
      ...weeksToGo(from, of),
      lasts: differenceInDays(to, from) + 1,
    }));
}

/** A template's dates on another race; what falls outside the block is left out. */
export function dated(
  { days = [], events = [] }: { days?: TemplateDay[]; events?: TemplateEvent[] },
  block: Dated & Pick<ResolvedSpec, 'start'>,
): { days: FixedDay[]; events: BlockEvent[] } {
  const isInside = (date: CivilDate) => date >= block.start && date < block.race.date;
  return {
    days: days
      .map(({ toGo, weekday, ...asked }) => ({ ...asked, date: dateOf({ toGo, weekday }, block) }))
      .filter(({ date }) => isInside(date)),
    events: events
      .map(({ toGo, weekday, lasts, ...event }) => {
        const from = dateOf({ toGo, weekday }, block);
        return { ...event, from, to: lasts > 1 ? addDays(from, lasts - 1) : undefined };
      })
      .filter(({ from, to = from }) => isInside(from) && isInside(to)),
  };
}

function weeksToGo(date: CivilDate, { race, weekStartsOn }: Dated): WeeksToGo {
  const last = startOfWeek(race.date, weekStartsOn);
  const toGo = differenceInDays(last, startOfWeek(date, weekStartsOn)) / 7;
  return { toGo, weekday: weekdayOf(date) };
}

function dateOf({ toGo, weekday }: WeeksToGo, { race, weekStartsOn }: Dated): CivilDate {
  const week = addDays(startOfWeek(race.date, weekStartsOn), -7 * toGo);
  return addDays(week, daysUntilWeekday(weekStartsOn, weekday));
}
