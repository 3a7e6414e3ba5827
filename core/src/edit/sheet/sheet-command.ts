import { type CivilDate, type Measure, quantum } from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import { type Block, type Day, isRaced } from '../../layout/index.js';
import { rulesOf } from '../../rules/index.js';
import { linkPaces, sessionPacesOf } from '../../sessions/index.js';
import { type FixedDay, type PatternRole, withFixedDay } from '../../spec/days/index.js';
import { withPin } from '../../spec/index.js';
import { type Change, type Command, weekWords } from '../index.js';
import { runRole } from '../week/index.js';
import { type DayEntry, readDay, type ReadCell } from './read-day.js';
import { readVolume, type VolumeEntry } from './read-week.js';

/** A cell of the sheet. */
export type SheetCell =
  | { kind: 'day'; date: CivilDate }
  | { kind: 'volume'; week: number }
  | { kind: 'longRun'; week: number };

export interface WrittenCell {
  cell: SheetCell;
  text: string;
}

/** A cell that could not be taken: which, why, and what may have been meant. */
export interface UntakenCell extends WrittenCell {
  problem: string;
  suggestion?: string | undefined;
}

/** What was written in a sheet: one change of all that was read, and what was not. */
export interface SheetWriting {
  /** Undefined where nothing was read. */
  command: Command | undefined;
  taken: number;
  untaken: UntakenCell[];
}

/**
 * Takes what is written in cells of the sheet, from left to right and top to
 * bottom, as one change. Cells that cannot be read are left as they are, and said.
 *
 * @param measure the one the sheet shows
 */
export function writeCells(
  block: Block,
  written: readonly WrittenCell[],
  measure: Measure,
): SheetWriting {
  const taking = new Taking(block, measure);
  const untaken = written.flatMap((each): UntakenCell[] => {
    const found = taking.take(each);
    return found.ok ? [] : [{ ...each, problem: found.problem, suggestion: found.suggestion }];
  });
  const taken = written.length - untaken.length;
  const command =
    taken === 0 ? undefined : { change: taking.change(), message: messageOf(written, taken) };
  return { command, taken, untaken };
}

function messageOf(written: readonly WrittenCell[], taken: number): string {
  const only = written.length === 1 ? written[0] : undefined;
  if (!only) return `Wrote ${taken} ${taken === 1 ? 'cell' : 'cells'} of the sheet.`;
  const { cell, text } = only;
  const where =
    cell.kind === 'day'
      ? dayWords(cell.date)
      : `${weekWords([cell.week])}${cell.kind === 'longRun' ? '’s long run' : ''}`;
  return text.trim() === ''
    ? `Freed ${where}.`
    : `Wrote “${text.trim().slice(0, 60)}” for ${where}.`;
}

type Taken = ReadCell<undefined>;
const DONE: Taken = { ok: true, entry: undefined };
const refuse = (problem: string): Taken => ({ ok: false, problem });

function recoveryWeeks({ weeks }: Block): number[] {
  return weeks.flatMap(({ recoveryDue, number }) => (recoveryDue ? [number] : []));
}

/** The parts of a spec that cells change, as they are changed one after the other. */
class Taking {
  private readonly spec: Block['spec'];
  private days: FixedDay[];
  private pins: Block['spec']['pins'];
  private readonly recovery: Set<number>;
  private readonly rules: ReturnType<typeof rulesOf>;

  constructor(
    private readonly block: Block,
    private readonly measure: Measure,
  ) {
    this.spec = block.spec;
    this.days = [...block.spec.days];
    this.pins = block.spec.pins;
    this.rules = rulesOf(block.spec);
    this.recovery = new Set(recoveryWeeks(block));
  }

  take({ cell, text }: WrittenCell): Taken {
    if (cell.kind === 'volume') {
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
    if (isRaced(day.role) || day.role === 'race') {
      return refuse(`${dayWords(day.date)} is raced: it is changed under “Races & days away”.`);
    }
    const paces = sessionPacesOf(this.spec, this.rules, day.date);
    const { table } = this.spec.paces;
    const read = readDay(text, this.measure, { table, paces });
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

  private takeVolume(week: number, entry: VolumeEntry): Taken {
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
    const long = role === 'long' ? this.weekOf(date) : undefined;
    switch (entry.kind) {
      case 'free':
        this.days = this.days.filter((each) => each.date !== date);
        if (long !== undefined) this.pin(long, 'longRun', undefined);
        return DONE;
      case 'role':
        return this.takeRole(day, entry.role);
      case 'amount':
        if (entry.role && entry.role !== role) {
          const taken = this.takeRole(day, entry.role);
          if (!taken.ok) return taken;
        }
        if (long !== undefined) {
          if (entry.amount === 0)
            return refuse(`The long run of ${dayWords(date)} cannot be nothing.`);
          this.pin(long, 'longRun', entry.amount);
          this.write(date, { session: undefined, swap: undefined });
          return DONE;
        }
        if (entry.amount === 0) return this.takeRole(day, 'rest');
        this.write(date, {
          amount: entry.amount,
          session: undefined,
          swap: undefined,
          role: entry.role ?? runRole(role),
        });
        return DONE;
      case 'session':
        if (long !== undefined) this.pin(long, 'longRun', undefined);
        this.write(date, {
          session: linkPaces(entry.text, this.spec.paces.table),
          amount: undefined,
          swap: undefined,
          role: runRole(role),
        });
        return DONE;
    }
  }

  private takeRole({ date, role }: Day, wanted: PatternRole): Taken {
    if (role !== wanted && (role === 'long' || wanted === 'long')) {
      return refuse('The long run is moved in the Week view, where it takes its week with it.');
    }
    const plain = { amount: undefined, session: undefined, swap: undefined, follow: undefined };
    this.write(date, { ...plain, role: wanted });
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
