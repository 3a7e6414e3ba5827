import { type CivilDate, type Measure, quantum, sum } from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import { fixedDatesOf, isRaced, writtenLength } from '../../layout/index.js';
import type { Block, Day } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { linkPaces, sessionOf, sessionPacesOf, sessionTotals } from '../../sessions/index.js';
import {
  type FixedDay,
  fixedDayOf,
  isRun,
  runRole,
  type PatternRole,
  withFixedDay,
} from '../../spec/days/index.js';
import { withPin } from '../../spec/index.js';
import type { Change } from '../index.js';
import { weekdayStays } from '../week/index.js';
import type { DayEntry, ReadCell } from './day-entry.js';
import { readDay } from './read-day.js';
import { readVolume, type VolumeEntry } from './read-week.js';
import type { WrittenCell } from './cells.js';
import { keptSession } from '../week/other-run.js';

type Taken = ReadCell<undefined>;
const DONE: Taken = { ok: true, entry: undefined };
const refuse = (problem: string): Taken => ({ ok: false, problem });

function recoveryWeeks({ weeks }: Block): number[] {
  return weeks.flatMap(({ recoveryDue, number }) => (recoveryDue ? [number] : []));
}

function isOver(what: string): string {
  return `${what} is over, and kept as it was handed out. “Change the past” in the Week view opens it.`;
}

/** The parts of a spec that cells change, as they are changed one after the other. */
export class Taking {
  private readonly spec: Block['spec'];
  private days: FixedDay[];
  private pins: Block['spec']['pins'];
  private readonly recovery: Set<number>;
  /** Days that were written, and weeks whose volume was. */
  private readonly touched = new Set<CivilDate>();
  private readonly volumes = new Set<number>();
  private readonly rules: ReturnType<typeof rulesOf>;

  constructor(
    private readonly block: Block,
    private readonly measure: Measure,
    /** Dates that stay as they were handed out. */
    private readonly over: ReadonlySet<CivilDate>,
  ) {
    this.spec = block.spec;
    this.days = [...block.spec.days];
    this.pins = block.spec.pins;
    this.rules = rulesOf(block.spec);
    this.recovery = new Set(recoveryWeeks(block));
  }

  take({ cell, text }: WrittenCell): Taken {
    if (cell.kind === 'volume') {
      const days = this.block.weeks[cell.week - 1]?.days;
      if (!days) return refuse(`Week ${cell.week} is outside the block.`);
      if (days.every(({ date }) => this.over.has(date))) return refuse(isOver(`Week ${cell.week}`));
      const read = readVolume(text, this.measure);
      return read.ok ? this.takeVolume(cell.week, read.entry) : read;
    }
    const day =
      cell.kind === 'day'
        ? this.block.weeks.flatMap(({ days }) => days).find(({ date }) => date === cell.date)
        : this.block.weeks[cell.week - 1]?.days.find(({ role }) => role === 'long');
    if (!day) {
      return refuse(
        cell.kind === 'day'
          ? `${dayWords(cell.date)} is outside the block.`
          : `Week ${cell.week} has no long run to write.`,
      );
    }
    if (this.over.has(day.date)) return refuse(isOver(dayWords(day.date)));
    if (isRaced(day.role) || day.role === 'race') {
      return refuse(`${dayWords(day.date)} is raced: it is changed under “Races & days away”.`);
    }
    const paces = sessionPacesOf(this.spec, this.rules, day.date);
    const { table } = this.spec.paces;
    const read = readDay(text, this.measure, { table, paces, isLong: day.role === 'long' });
    return read.ok ? this.takeDay(day, read.entry) : read;
  }

  change(): Change {
    const { volume } = this.spec;
    const weeks = [...this.recovery].sort((a, b) => a - b);
    const isSame = weeks.join() === recoveryWeeks(this.block).join();
    return {
      days: this.days,
      pins: this.pins,
      ...(!isSame && { volume: { ...volume, recovery: { ...volume.recovery, weeks } } }),
    };
  }

  /**
   * Makes every week with a written day the sum of its days, each to come fixed as it
   * stands; a race lowers its own week.
   *
   * @param raced dates that were written as raced
   */
  sumWeeks(raced: ReadonlySet<CivilDate>): void {
    for (const { number, days } of this.block.weeks) {
      if (this.volumes.has(number) || !days.some(({ date }) => this.touched.has(date))) continue;
      if (days.some(({ date }) => raced.has(date))) continue;
      const stays = (date: CivilDate) => this.touched.has(date) || this.over.has(date);
      const run = days.filter(({ role }) => isRun(role) && !isRaced(role));
      for (const day of run) if (!stays(day.date)) this.fixAsItStands(day, number);
      const races = days.filter(({ role }) => isRaced(role)).map((day) => this.amountOf(day));
      this.pin(number, 'volume', sum([...races, ...days.map((day) => this.askedOf(day, number))]));
    }
  }

  private fixAsItStands(day: Day, week: number): void {
    const { session, amount } = fixedDayOf(this.days, day.date);
    if (session !== undefined || amount !== undefined || this.isByWeekday(day)) return;
    if (day.role === 'long') this.pin(week, 'longRun', this.amountOf(day));
    else this.write(day.date, { amount: this.amountOf(day), role: runRole(day.role) });
  }

  /** True where its weekday says how much is run, or what; a long run goes by its ladder. */
  private isByWeekday({ date, role }: Day): boolean {
    return role !== 'long' && fixedDatesOf(this.block).get(date)?.byWeekday === true;
  }

  /** What a day is asked to hold once all is taken; a race is counted apart. */
  private askedOf(day: Day, week: number): number {
    if (isRaced(day.role) || day.role === 'race') return 0;
    if (this.over.has(day.date)) return this.amountOf(day);
    const { date } = day;
    const isOfWeekday = this.isByWeekday(day) && !this.touched.has(date);
    const byWeekday = isOfWeekday ? fixedDatesOf(this.block).get(date) : undefined;
    const { session, amount, otherRun, role } = byWeekday ?? fixedDayOf(this.days, date);
    if (amount !== undefined) return amount;
    if (session !== undefined) {
      const other = otherRun?.amount ?? this.heldBy(otherRun?.session, day);
      return this.heldBy(session, day) + other;
    }
    if (role !== undefined && !isRun(role)) return 0;
    const pinned = this.pins.find((pin) => pin.week === week)?.longRun;
    if (day.role === 'long' && pinned !== undefined) return pinned;
    return this.amountOf(day);
  }

  /** A day as it is laid out, in whole shown steps. */
  private amountOf({ distance, time }: Day): number {
    const step = quantum(this.measure);
    const amount = this.spec.athlete.basis === 'time' ? time : distance;
    return Math.round(amount / step) * step;
  }

  /** What a written session comes to; a long run to the metre, another as its day is laid out. */
  private heldBy(text: string | undefined, { date, role }: Day): number {
    if (text === undefined) return 0;
    const parts = sessionOf(text)?.parts ?? [];
    const held = sessionTotals(parts, sessionPacesOf(this.spec, this.rules, date));
    const { athlete } = this.spec;
    if (role !== 'long') return writtenLength(athlete, held);
    return Math.round(athlete.basis === 'time' ? held.time : held.distance);
  }

  private takeVolume(week: number, entry: VolumeEntry): Taken {
    this.volumes.add(week);
    if (entry.kind === 'recovery') {
      this.recovery.add(week);
      this.pin(week, 'volume', undefined);
      return DONE;
    }
    if (entry.kind === 'free') this.pin(week, 'volume', undefined);
    else if (entry.kind === 'amount') this.pin(week, 'volume', entry.amount);
    else {
      const before = this.volumeOf(week - 1);
      if (before === undefined)
        return refuse('The first week has none before it. Write its figure.');
      const step = quantum(this.measure);
      this.pin(week, 'volume', Math.round((before * (1 + entry.share)) / step) * step);
    }
    return DONE;
  }

  private volumeOf(week: number): number | undefined {
    const pinned = this.pins.find((pin) => pin.week === week)?.volume;
    return pinned ?? this.block.weeks[week - 1]?.volume;
  }

  private takeDay(day: Day, entry: DayEntry): Taken {
    const { date, role } = day;
    this.touched.add(date);
    const long = role === 'long' ? this.weekOf(date) : undefined;
    switch (entry.kind) {
      case 'free':
        if (this.isByWeekday(day) && !this.days.some((each) => each.date === date)) {
          return refuse(weekdayStays(date));
        }
        this.days = this.days.filter((each) => each.date !== date);
        if (long !== undefined) this.pin(long, 'longRun', undefined);
        return DONE;
      case 'role':
        return this.takeRole(day, entry.role);
      case 'amount':
        return this.takeAmount(day, entry);
      case 'cross': {
        if (long !== undefined) return this.takeRole(day, 'cross-train');
        const { cross, time, text } = entry;
        this.write(date, {
          role: 'cross-train',
          cross,
          crossTime: time,
          session: text === undefined ? undefined : linkPaces(text, this.spec.paces.table),
          amount: undefined,
          swap: undefined,
        });
        return DONE;
      }
      case 'work':
        this.write(date, { [entry.work]: entry.time ?? true });
        return DONE;
      case 'add-on':
        this.write(date, { addOn: entry.addOn });
        return DONE;
      case 'with': {
        const taken = this.takeDay(day, entry.day);
        if (taken.ok) for (const each of entry.beside) this.takeDay(day, each);
        return taken;
      }
      case 'session': {
        const { session, amount, otherRun } = keptSession(entry, this.spec.paces.table);
        if (otherRun && (long !== undefined || isRaced(role))) {
          return refuse('A long run or a race is run in one. Write it alone.');
        }
        if (long !== undefined) this.pin(long, 'longRun', undefined);
        this.write(date, {
          session,
          amount: long === undefined ? amount : undefined,
          otherRun,
          swap: undefined,
          role: runRole(role),
        });
        return DONE;
      }
    }
  }

  private takeAmount(day: Day, entry: DayEntry & { kind: 'amount' }): Taken {
    const { date, role } = day;
    const { amount, firstRun, role: wanted } = entry;
    // A long run is run easy: it stays one.
    if (wanted && wanted !== role && !(role === 'long' && wanted === 'easy')) {
      const taken = this.takeRole(day, wanted);
      if (!taken.ok) return taken;
    }
    const long = role === 'long' ? this.weekOf(date) : undefined;
    if (long !== undefined) {
      if (firstRun !== undefined)
        return refuse(`${dayWords(date)}: a long run is run in one. Write its length alone.`);
      if (amount === 0) return refuse(`The long run of ${dayWords(date)} cannot be nothing.`);
      this.pin(long, 'longRun', amount);
      this.write(date, { session: undefined, swap: undefined });
      return DONE;
    }
    if (amount === 0) return this.takeRole(day, 'rest');
    const plain = { session: undefined, swap: undefined };
    this.write(date, { ...plain, amount, firstRun, role: wanted ?? runRole(role) });
    return DONE;
  }

  private takeRole({ date, role }: Day, wanted: PatternRole): Taken {
    if (role !== wanted && (role === 'long' || wanted === 'long')) {
      return refuse(
        `${dayWords(date)}: the long run is moved in the Week view, where it takes its week with it.`,
      );
    }
    const plain = { amount: undefined, session: undefined, swap: undefined, follow: undefined };
    this.write(date, { ...plain, crossTime: undefined, role: wanted });
    return DONE;
  }

  private write(date: CivilDate, part: Partial<FixedDay>): void {
    this.days = withFixedDay(this.days, date, part);
  }

  private pin(week: number, field: 'volume' | 'longRun', amount: number | undefined): void {
    this.pins = withPin(this.pins, week, field, amount);
  }

  private weekOf(date: CivilDate): number | undefined {
    return this.block.weeks.find(({ days }) => days.some((day) => day.date === date))?.number;
  }
}
