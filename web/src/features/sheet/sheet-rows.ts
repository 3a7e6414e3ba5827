import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate, differenceInDays, quantum } from '@nadir/core/base';
import { dayAndMonth, daySpan, formatRaceDistance, formatSteps } from '@nadir/core/base/format';
import { dayText, type SheetCell } from '@nadir/core/edit/sheet';
import { fixedDatesOf } from '@nadir/core/layout';
import { besideSession, type Day, type Phase, type Week } from '@nadir/core/layout/block';
import { rowStart, shortWords, type ToldFinding, weekChange } from '@nadir/core/present';
import {
  type AskedFigures,
  type FigureState,
  frameStates,
  longRunFigure,
  type ShownBlock,
  stateOf,
} from '@nadir/core/present/figures';
import { weightOf } from '../../drawing/day-weight.js';
import { foundAt, standing } from './found-at.js';
import type { Ran } from './sheet-ran.js';
import * as wording from './wording.js';

/** Days, then the week's volume and its long run. */
export const DAYS = 7;
export const VOLUME = 7;
export const LONG_RUN = 8;
export const COLUMNS = 9;

/** A cell of the sheet: what it shows, and what would be typed for it. */
export interface CellView {
  cell: SheetCell;
  figure: string;
  /** Its role or session, in few words. */
  words: string;
  /** What was run, where it is not what was planned: `8.2`, `missed`. */
  ran: string | undefined;
  /** Typed again, it changes nothing. */
  source: string;
  name: string;
  state: FigureState;
  /** Over, and kept as it was handed out. */
  over: boolean;
  weight: ReturnType<typeof weightOf> | 'figure';
  /** The worst of what the checks found there. */
  found: ToldFinding | undefined;
}

/** A week of the sheet; a place without a day is undefined. */
export interface RowView {
  number: number;
  toGo: number;
  dates: string;
  phase: Phase | undefined;
  phaseState: FigureState;
  recovery: boolean;
  recoveryState: FigureState;
  change: string;
  /** Its long run as a share of the longest, 0 to 1. */
  reach: number;
  cells: (CellView | undefined)[];
  worst: ToldFinding | undefined;
  notes: string;
}

/** What a sheet is shown beside: days that are over, what was run, what the coach asked. */
interface Beside {
  over: ReadonlySet<CivilDate>;
  ran: Ran;
  asked: AskedFigures;
}

/** The whole block as the sheet shows it, week by week. */
export function sheetRows(block: CheckedBlock, shown: ShownBlock, beside: Beside): RowView[] {
  const first = rowStart(block);
  const frame = frameStates(block.spec);
  const found = standing(block);
  const longest = Math.max(...shown.weeks.map(({ longRun }) => longRun));
  return block.weeks.map((week, index): RowView => {
    const { days = [], longRun = 0 } = shown.weeks[index] ?? {};
    const isOver = week.days.every(({ date }) => beside.over.has(date));
    const cells = Array.from({ length: COLUMNS }, (): Unchecked | undefined => undefined);
    week.days.forEach((day, place) => {
      const column = ((differenceInDays(day.date, first) % DAYS) + DAYS) % DAYS;
      cells[column] = dayCell(block, shown, day, days[place] ?? 0, beside);
    });
    cells[VOLUME] = volumeCell(block, shown, week, isOver, beside);
    cells[LONG_RUN] = longRunCell(block, shown, week, isOver, beside);
    return {
      number: week.number,
      toGo: week.toGo,
      dates: daySpan(week.start, addDays(week.start, week.length - 1)),
      phase: block.phases.findLast(({ firstWeek }) => firstWeek <= week.number),
      phaseState: frame.phases,
      recovery: week.recovery,
      recoveryState: frame.recovery,
      change: weekChange(block, week),
      reach: longest > 0 && week.days.some(isLong) ? longRun / longest : 0,
      cells: cells.map(
        (each) => each && { ...each, found: each.over ? undefined : foundAt(found, each.cell) },
      ),
      worst: isOver ? undefined : found.find(({ weeks }) => weeks.includes(week.number)),
      notes: week.events.map(({ name }) => name).join(', '),
    };
  });
}

/** A cell before the checks have had their say. */
type Unchecked = Omit<CellView, 'found'>;

function volumeCell(
  { spec }: CheckedBlock,
  { weeks, measure }: ShownBlock,
  week: Week,
  over: boolean,
  { ran, asked }: Beside,
): Unchecked {
  const { number } = week;
  const pin = spec.pins.find((each) => each.week === number);
  const volume = formatSteps(weeks[number - 1]?.volume ?? 0, measure);
  return {
    cell: { kind: 'volume', week: number },
    figure: volume,
    words: '',
    ran: ran.volume.get(number),
    source: volume,
    name: wording.weekVolume(number),
    state: pin?.volume === undefined ? stateOf(week, 'volume', asked) : 'fixed',
    over,
    weight: 'figure',
  };
}

function longRunCell(
  { spec }: CheckedBlock,
  { weeks, measure }: ShownBlock,
  week: Week,
  over: boolean,
  { ran, asked }: Beside,
): Unchecked {
  const { number } = week;
  const longRun = weeks[number - 1]?.longRun ?? 0;
  const long = week.days.find(isLong);
  return {
    cell: { kind: 'longRun', week: number },
    figure: longRunFigure(week, longRun, measure),
    words: '',
    ran: ran.longRun.get(number),
    source: long ? dayText(spec, long, longRun, measure) : '',
    name: wording.weekLongRun(number),
    state: stateOf(week, 'longRun', asked),
    over,
    weight: 'figure',
  };
}

function dayCell(
  block: CheckedBlock,
  { measure }: ShownBlock,
  day: Day,
  steps: number,
  { over, ran }: Beside,
): Unchecked {
  const { spec, weeks } = block;
  const asked = fixedDatesOf(block).get(day.date);
  const isLongPin =
    day.role === 'long' &&
    weeks.some((week) => week.longRunRule === 'pin' && week.days.includes(day));
  const isWritten = [asked?.amount, asked?.session, asked?.role].some((each) => each !== undefined);
  const source = dayText(spec, day, steps, measure);
  return {
    cell: { kind: 'day', date: day.date },
    figure: figureOf(),
    words: shortWords(spec, day),
    ran: ran.days.get(day.date),
    source,
    name: dayAndMonth(day.date),
    state: isLongPin || isWritten ? 'fixed' : 'worked-out',
    over: over.has(day.date),
    weight: weightOf(day),
  };

  function figureOf(): string {
    if (day.role === 'race') return formatRaceDistance(spec.race.distance, measure.unit);
    // 5+10 as it was written.
    if (asked?.firstRun !== undefined) return source;
    if (steps === 0) return '–';
    // 5+8: the run beside the session, and what is left of the day for the session.
    const beside = asked?.otherRun && besideSession(day, asked.otherRun);
    const other = beside && Math.round(beside[measure.basis] / quantum(measure));
    if (!asked?.otherRun || !other || other >= steps) return formatSteps(steps, measure);
    const [one, two] = [other, steps - other].map((run) => formatSteps(run, measure));
    return asked.otherRun.first ? `${one}+${two}` : `${two}+${one}`;
  }
}

function isLong({ role }: Day): boolean {
  return role === 'long';
}

/** What each day's column needs, in pixels beside one another: a figure, and two lines of what stands beside it. */
export function columnWeights(rows: readonly RowView[]): number[] {
  return Array.from({ length: DAYS }, (_, column) => {
    const needed = rows.map(({ cells }) => {
      const { figure = '', words = '', ran = '' } = cells[column] ?? {};
      const letters = words.length + (ran ? wording.ranWords(ran).length + 1 : 0);
      const beside = letters <= A_LINE ? letters : Math.max(A_LINE, letters / 2);
      return DIGIT * Math.max(2, figure.length) + LETTER * beside;
    });
    return Math.round(AROUND + Math.max(...needed));
  });
}

/** Pixels around what stands in a cell, of a digit and of a letter beside it; letters that are not put on two lines. */
const AROUND = 26;
const DIGIT = 8;
const LETTER = 5.2;
const A_LINE = 'semi-long'.length;
