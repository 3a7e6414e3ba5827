import { addDays } from '@nadir/core/base';
import type { Handout, HandoutDay } from '@nadir/core/present/handout';
import ical, { ICalCalendarMethod, type ICalEventData } from 'ical-generator';

/** Which block a calendar is of, and when the version was kept: its days keep their names and stamps by them. */
export interface CalendarOf {
  blockId: string;
  savedAt: string;
  /** The hour that runs stand at, on the clock of wherever the athlete is; null for whole days. */
  startsAt: string | null;
}

/** The block as all-day events: a day each, the race and days away among them. */
export function calendarFile(handout: Handout, of: CalendarOf): Uint8Array {
  const name = `${handout.athlete}: ${handout.race.name}`;
  const calendar = ical({
    name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Nadir', product: 'Training block', language: 'EN' },
  });
  for (const day of handout.weeks.flatMap(({ days }) => days)) {
    if (day.mark !== 'rest') calendar.createEvent(eventOf(handout, day, of));
  }
  for (const { name: title, from, to, isRace } of handout.events) {
    if (isRace) continue;
    calendar.createEvent({
      id: `${of.blockId}-${from}-away@nadir`,
      ...wholeDays(from, addDays(to, 1), of),
      summary: title,
    });
  }
  return Buffer.from(calendar.toString(), 'utf8');
}

function eventOf(handout: Handout, day: HandoutDay, of: CalendarOf): ICalEventData {
  const isRace = day.mark === 'race';
  const amount = isRace ? handout.race.distance : day.figure && `${day.figure} ${handout.unit}`;
  return {
    id: `${of.blockId}-${day.date}@nadir`,
    ...(of.startsAt === null || isRace
      ? wholeDays(day.date, addDays(day.date, 1), of)
      : atAnHour(day, of.startsAt, of)),
    summary: [amount, day.words || day.role].filter(Boolean).join(' '),
    description: [...day.sessions, ...day.targets, '', handout.caution].join('\n'),
  };
}

/** Whole days of the calendar on the wall, in every time zone; the end is the day after. */
function wholeDays(from: string, to: string, { savedAt }: CalendarOf) {
  return {
    allDay: true,
    timezone: null,
    start: new Date(`${from}T00:00:00Z`),
    end: new Date(`${to}T00:00:00Z`),
    stamp: new Date(savedAt),
  };
}

const SHORTEST_MINUTES = 15;

/** An hour of no zone: seven is seven wherever the athlete wakes, on the nights that clocks change too. */
function atAnHour({ date, minutes }: HandoutDay, startsAt: string, { savedAt }: CalendarOf) {
  const start = new Date(`${date}T${startsAt}:00Z`);
  return {
    floating: true,
    start,
    end: new Date(start.getTime() + 60_000 * Math.max(SHORTEST_MINUTES, minutes)),
    stamp: new Date(savedAt),
  };
}
