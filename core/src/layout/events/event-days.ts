import { type BlockEvent, eventCharacters, lastDay } from '../../spec/days/index.js';
import { addDays, type CivilDate, clean, differenceInDays, sum } from '../../base/index.js';
import type { WeekKind } from '../block/week.js';
import { type HouseRules, raceRules } from '../../rules/index.js';

/** What the events of a block ask of one day. */
export interface EventDay {
  /** Running as a part of a usual day: 0 for none, 1 for as usual. */
  running: number;
  /** The race or test on this day. */
  race?: BlockEvent;
  /** True when nothing hard belongs here. */
  easy: boolean;
  /**
   * How far one is back from an illness. On the first day the shortest run, on the second
   * one no longer than an easy run, and no long run on either; none moves to the days after.
   */
  back?: 'first' | 'second' | 'later';
  /** True for a day spent elsewhere without running: its run moves where the week has room. */
  elsewhere?: true;
}

export type EventDays = ReadonlyMap<CivilDate, EventDay>;

/** Days before a race on the way without anything hard, however short it is. */
const WITHOUT_HARD = 2;

/** The first days after an illness. */
const BACK = ['first', 'second'] as const;

/** A test without a distance of its own is one of these metres. */
export const USUAL_TEST = 3000;

/**
 * What every day that an event touches may hold: fewer and easier days before
 * and after a race by its distance, less running while away, a gentle return
 * from illness. Where two events meet, the lesser running holds.
 */
export function eventDays(events: readonly BlockEvent[], rules: HouseRules): EventDays {
  const days = new Map<CivilDate, EventDay>();
  for (const event of events) {
    if (event.kind === 'tune-up-race') aroundRace(event);
    else if (event.kind === 'test') aroundTest(event);
    else whileAway(event, event.running ?? rules.events[event.kind]);
  }
  return days;

  function aroundRace(event: BlockEvent): void {
    const { daysAfter } = raceRules(rules, event.distance ?? 0).tuneUp;
    const easier = easierBefore(event, rules);
    for (let day = 1; day <= Math.max(easier, WITHOUT_HARD); day++) {
      const running = day <= easier ? rules.events.beforeTuneUp : 1;
      mark(addDays(event.from, -day), { running, easy: true });
    }
    for (let day = 1; day <= daysAfter; day++) mark(addDays(event.from, day), { easy: true });
    mark(event.from, { race: event, easy: true });
  }

  function aroundTest(event: BlockEvent): void {
    mark(event.from, { race: event, easy: true });
    for (const beside of [-1, 1]) mark(addDays(event.from, beside), { easy: true });
  }

  function whileAway(event: BlockEvent, running: number): void {
    const length = differenceInDays(lastDay(event), event.from) + 1;
    for (let day = 0; day < length; day++) {
      mark(addDays(event.from, day), {
        running,
        easy: running < 1,
        ...(running === 0 && event.kind !== 'illness' && { elsewhere: true as const }),
      });
    }
    if (event.kind !== 'illness') return;
    for (let day = 0; day < length; day++) {
      const date = addDays(lastDay(event), day + 1);
      const back = BACK[day] ?? 'later';
      mark(date, { running: rules.events.afterIllness, easy: true, back });
    }
  }

  function mark(date: CivilDate, part: Partial<EventDay>): void {
    const old = days.get(date) ?? { running: 1, easy: false };
    // A camp may ask for more than usual; anything else on the same day for less.
    const running = days.has(date) ? Math.min(old.running, part.running ?? 1) : (part.running ?? 1);
    const race = part.race ?? old.race;
    const back = part.back ?? old.back;
    const easy = old.easy || part.easy === true;
    const elsewhere = old.elsewhere ?? part.elsewhere;
    days.set(date, {
      running,
      easy,
      ...(race && { race }),
      ...(back && { back }),
      ...(elsewhere && { elsewhere }),
    });
  }
}

/** What events leave of a week, and what is raced in it. */
export interface WeekOfEvents {
  /** Part of usual running, 0–1 (a camp may ask for more). */
  running: number;
  /** Metres run in the races on the way. */
  raced: number;
}

/** True on the days after an illness, as many as it lasted: nothing quick belongs on them. */
export function isReturning(events: readonly BlockEvent[], date: CivilDate): boolean {
  return events.some((event) => {
    const length = differenceInDays(lastDay(event), event.from) + 1;
    const since = differenceInDays(date, lastDay(event));
    return event.kind === 'illness' && since > 0 && since <= length;
  });
}

/**
 * What events do to each week, in order: a race lowers its own week by the easier
 * days before it, even by those that lie in the week before, a test by its eve where
 * the week does not rest anyway. Weeks are whole but for the first and follow each other.
 */
export function weeksOfEvents(
  weeks: readonly { start: CivilDate; length: number; kind?: WeekKind | undefined }[],
  days: EventDays,
  rules: HouseRules,
): WeekOfEvents[] {
  const found = weeks.map(() => ({ running: 1, raced: 0 }));
  for (const [date, { running, race }] of days) {
    const index = weeks.findLastIndex(({ start }) => start <= date);
    const week = weeks[index];
    const sums = found[index];
    if (!week || !sums) continue;
    const at = differenceInDays(date, week.start);
    if (at >= week.length) continue;
    const isTested = race?.kind === 'test' && week.kind === 'building';
    const easier = isTested ? 1 : Math.max(0, easierBefore(race, rules) - at);
    sums.running += (running - 1 - easier * (1 - rules.events.beforeTuneUp)) / week.length;
    sums.raced += raceMetres(race);
  }
  // Floating-point dust would make a usual week look like one that is cut.
  return found.map(({ running, raced }) => ({ running: Math.max(0, clean(running)), raced }));
}

/** Easier days before a race on the way; none before a test. */
function easierBefore(race: BlockEvent | undefined, rules: HouseRules): number {
  if (race?.kind !== 'tune-up-race') return 0;
  return raceRules(rules, race.distance ?? 0).tuneUp.daysBefore;
}

/** Events that touch a week, in order of their first day. */
export function eventsIn(
  { start, length }: { start: CivilDate; length: number },
  events: readonly BlockEvent[],
): BlockEvent[] {
  if (events.length === 0) return [];
  const end = addDays(start, length - 1);
  return events.filter((event) => event.from <= end && lastDay(event) >= start);
}

/** Metres raced and tested on some days. */
export function racedIn(days: EventDays, of: readonly { date: CivilDate }[]): number {
  return sum(of.map(({ date }) => raceMetres(days.get(date)?.race)));
}

/** Metres of a race or test itself; warming up is not counted. */
export function raceMetres(race: BlockEvent | undefined): number {
  if (!race || !eventCharacters[race.kind].isRace) return 0;
  return race.distance ?? USUAL_TEST;
}
