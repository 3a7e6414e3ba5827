import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate, differenceInDays, quantum } from '@nadir/core/base';
import { dayAndMonth, formatRaceDistance, formatSteps } from '@nadir/core/base/format';
import { dayText, type SheetCell } from '@nadir/core/edit/sheet';
import { fixedDatesOf } from '@nadir/core/layout';
import { besideSession, type Day } from '@nadir/core/layout/block';
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
}

/** A week of the sheet; a place without a day is undefined. */
export interface RowView {
  number: number;
  toGo: number;
  dates: string;
  phase: string;
  phaseState: FigureState;
  recovery: boolean;
  recoveryState: FigureState;
  change: string;
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
export function sheetRows(
  block: CheckedBlock,
  shown: ShownBlock,
  { over, ran, asked }: Beside,
): RowView[] {
  const { measure } = shown;
  const first = rowStart(block);
  const frame = frameStates(block.spec);
  return block.weeks.map((week, index): RowView => {
    const figures = shown.weeks[index];
    const pin = block.spec.pins.find((each) => each.week === week.number);
    const isOver = week.days.every(({ date }) => over.has(date));
    const cells = Array.from({ length: COLUMNS }, (): CellView | undefined => undefined);
    week.days.forEach((day, place) => {
      const column = ((differenceInDays(day.date, first) % DAYS) + DAYS) % DAYS;
      const steps = figures?.days[place] ?? 0;
      cells[column] = {
        ...dayCell(block, shown, day, steps, over.has(day.date)),
        ran: ran.days.get(day.date),
      };
    });
    const longRun = figures?.longRun ?? 0;
    const long = week.days.find(({ role }) => role === 'long');
    const volume = formatSteps(figures?.volume ?? 0, measure);
    const common = { words: '', over: isOver, weight: 'figure' } as const;
    cells[VOLUME] = {
      ...common,
      cell: { kind: 'volume', week: week.number },
      figure: volume,
      ran: ran.volume.get(week.number),
      source: volume,
      name: wording.weekVolume(week.number),
      state: pin?.volume === undefined ? stateOf(week, 'volume', asked) : 'fixed',
    };
    cells[LONG_RUN] = {
      ...common,
      cell: { kind: 'longRun', week: week.number },
      ran: ran.longRun.get(week.number),
      figure: longRunFigure(week, longRun, measure),
      source: long ? dayText(block.spec, long, longRun, measure) : '',
      name: wording.weekLongRun(week.number),
      state: stateOf(week, 'longRun', asked),
    };
    const phase = block.phases.findLast(({ firstWeek }) => firstWeek <= week.number);
    return {
      number: week.number,
      toGo: week.toGo,
      dates: `${dayAndMonth(week.start)} – ${dayAndMonth(addDays(week.start, week.length - 1))}`,
      phase: phase?.name ?? '',
      phaseState: frame.phases,
      recovery: week.recovery,
      recoveryState: frame.recovery,
      change: weekChange(block, week),
      cells,
      worst: block.findings.find(({ weeks, waived }) => !waived && weeks.includes(week.number)),
      notes: week.events.map(({ name }) => name).join(', '),
    };
  });
}

function dayCell(
  block: CheckedBlock,
  { measure }: ShownBlock,
  day: Day,
  steps: number,
  over: boolean,
): Omit<CellView, 'ran'> {
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
    source,
    name: dayAndMonth(day.date),
    state: isLongPin || isWritten ? 'fixed' : 'worked-out',
    over,
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

/** Wide enough for its words: a column of figures alone takes less. */
export function columnWeights(rows: readonly RowView[]): number[] {
  return Array.from({ length: DAYS }, (_, column) => {
    const longest = Math.max(0, ...rows.map(({ cells }) => cells[column]?.words.length ?? 0));
    return longest > A_ROLE ? 2 : longest > 0 ? 1.5 : 1;
  });
}

/** Letters of the longest role that stands beside a figure. */
const A_ROLE = 'semi-long'.length;
