import {
  type BlockEvent,
  type DayRole,
  eventCharacters,
  isRun,
  lastDay,
} from '../../spec/days/index.js';
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
  /** True for a day away, at a camp or of an illness: it counts where one would have run. */
  spent?: true;
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
        spent: true,
        ...(running === 0 && event.kind !== 'illness' && { elsewhere: true as const }),
      });
    }
    if (event.kind !== 'illness') return;
    for (let day = 0; day < length; day++) {
      const date = addDays(lastDay(event), day + 1);
      const back = BACK[day] ?? 'later';
      mark(date, { running: rules.events.afterIllness, easy: true, back, spent: true });
    }
  }

  function mark(date: CivilDate, part: Partial<EventDay>): void {
    days.set(date, together(days.get(date), part));
  }
}

/** True for a day on which one is ill or hurt, or on the way back from it. */
function isIll({ back, spent, running, elsewhere }: EventDay): boolean {
  return back !== undefined || (spent === true && running === 0 && !elsewhere);
}

/** What several events ask of one day: a camp may ask for more than usual, anything else on the same day for less. */
function together(old: EventDay | undefined, part: Partial<EventDay>): EventDay {
  const { running = 1 } = part;
  const race = part.race ?? old?.race;
  const back = part.back ?? old?.back;
  const elsewhere = old?.elsewhere ?? part.elsewhere;
  const spent = old?.spent ?? part.spent;
  return {
    running: old ? Math.min(old.running, running) : running,
    easy: old?.easy === true || part.easy === true,
    ...(race && { race }),
    ...(back && { back }),
    ...(elsewhere && { elsewhere }),
    ...(spent && { spent }),
  };
}

/** What events leave of a week, and what is raced in it. */
export interface WeekOfEvents {
  /** Part of usual running, 0–1 (a camp may ask for more). */
  running: number;
  /** Part of it that races and tests leave, 0–1. */
  eased: number;
  /** Metres run in the races on the way. */
  raced: number;
  /** True where one is ill or hurt on a day of it, or on the way back from it. */
  ill: boolean;
}

/** A day of a week as it would be without events. */
export interface UsualDay {
  date: CivilDate;
  role: DayRole;
  /** True for a day of rest that the run of another could move to. */
  takesRun: boolean;
}

/** A week that events may touch. */
interface WeekOnTheWay {
  start: CivilDate;
  length: number;
  kind: WeekKind;
}

/**
 * What events do to each week, in order: a race lowers its own week by the easier
 * days before it, even by those that lie in the week before, a test by its eve where
 * the week does not rest anyway; days away by the runs that they take. Weeks are
 * whole but for the first and follow each other.
 */
export function weeksOfEvents<Week extends WeekOnTheWay>(
  weeks: readonly Week[],
  days: EventDays,
  rules: HouseRules,
  usual: (week: Week) => readonly UsualDay[],
): WeekOfEvents[] {
  const found = weeks.map(() => ({ eased: 1, raced: 0, spent: false, ill: false }));
  for (const [date, day] of days) {
    const { running, race, spent } = day;
    const index = weeks.findLastIndex(({ start }) => start <= date);
    const week = weeks[index];
    const sums = found[index];
    if (!week || !sums) continue;
    const at = differenceInDays(date, week.start);
    if (at >= week.length) continue;
    const isTested = race?.kind === 'test' && week.kind === 'building';
    const easier = isTested ? 1 : Math.max(0, easierBefore(race, rules) - at);
    const less = spent ? 0 : 1 - running;
    sums.eased -= (less + easier * (1 - rules.events.beforeTuneUp)) / week.length;
    sums.raced += raceMetres(race);
    sums.spent ||= spent === true && running !== 1;
    sums.ill ||= isIll(day);
  }
  return found.map(({ eased, raced, spent, ill }, index): WeekOfEvents => {
    const week = weeks[index];
    const taken = week && spent ? takenFrom(usual(week), days) : 0;
    return { running: partOf(eased - taken), eased: partOf(eased), raced, ill };
  });
}

/** Floating-point dust would make a usual week look like one that is cut. */
function partOf(running: number): number {
  return Math.max(0, clean(running));
}

/** The part of a week's runs that days away take; one that moves to a day of rest is run all the same. */
function takenFrom(usual: readonly UsualDay[], days: EventDays): number {
  const runs = usual.filter(({ role }) => isRun(role));
  const gone = runs.filter(({ date, role }) => role !== 'long' && days.get(date)?.elsewhere);
  const open = usual.filter(
    ({ date, takesRun }) => takesRun && (days.get(date)?.running ?? 1) >= 1,
  );
  const lost = runs.map(({ date }) => {
    const { spent, running } = days.get(date) ?? { running: 1 };
    return spent ? 1 - running : 0;
  });
  const moved = Math.min(gone.length, open.length);
  return runs.length > 0 ? (sum(lost) - moved) / runs.length : 0;
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
