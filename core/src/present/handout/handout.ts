import {
  capital,
  dateWords,
  dayAndMonth,
  formatPaceRange,
  formatRaceDistance,
  formatSteps,
} from '../../base/format/index.js';
import {
  addDays,
  type CivilDate,
  differenceInDays,
  type Measure,
  sum,
  unitName,
  weekdayOf,
} from '../../base/index.js';
import { type Block, type Day, isHardRunning, type Week } from '../../layout/block/index.js';
import { dayTimes, pacesOn } from '../../paces/index.js';
import { rulesOf } from '../../rules/index.js';
import { type SessionPaces, sessionPacesOn } from '../../sessions/index.js';
import type { PhaseKind } from '../../spec/choices/index.js';
import { dayRoleWords, eventCharacters, lastDay } from '../../spec/days/index.js';
import { goalWords } from '../figures/goal.js';
import { isRacedInstead, longRunFigure } from '../figures/long-run.js';
import { legsFigures, timesDayOne } from '../figures/legs.js';
import type { ShownBlock } from '../figures/show.js';
import { rowStart } from '../sheet/row-start.js';
import { targetsFor } from './targets.js';
import { shortWords } from '../sheet/short-words.js';

/** What a day weighs at a glance: the marks of paper are made from it. */
export type DayMark = 'plain' | 'rest' | 'key' | 'test' | 'race';

export interface HandoutDay {
  date: CivilDate;
  /** Place in its row, 0–6, by the day the weeks begin on. */
  column: number;
  role: string;
  mark: DayMark;
  /** Whole shown steps. */
  steps: number;
  /** The same as text; empty for none. */
  figure: string;
  /** Whole minutes that all of it takes. */
  minutes: number;
  /** In few words; empty where the figure says it. */
  words: string;
  /** Every session in full, morning first. */
  sessions: string[];
  /** What its hard stretches are to be run in, by the paces of that day. */
  targets: string[];
}

export interface HandoutWeek {
  number: number;
  toGo: number;
  start: CivilDate;
  from: string;
  phase: string;
  recovery: boolean;
  /** Whole shown steps: the days add up to it. */
  steps: number;
  figure: string;
  /** Whole shown steps; 0 where there is none. */
  longRun: number;
  longRunFigure: string;
  days: HandoutDay[];
  /** Races and days on the way. */
  note: string;
}

/** A block as it leaves the desk: every paper, table, text and calendar is made from this one model. */
export interface Handout {
  athlete: string;
  race: { name: string; date: CivilDate; words: string; distance: string };
  goal: string | undefined;
  measure: Measure;
  unit: string;
  weekdays: string[];
  phases: { name: string; kind: PhaseKind; firstWeek: number; weeks: number }[];
  weeks: HandoutWeek[];
  /** By weekday and in all, as text; whole shown steps add up to them. */
  sums: { columns: string[]; total: string };
  legs: { mornings: number[]; nadir: number; words: string };
  /** Races, tests and days away, in order. */
  events: { name: string; from: CivilDate; to: CivilDate; isRace: boolean }[];
  paces: { name: string; text: string }[];
  caution: string;
}

/** Over every plan on paper: who is hurt or ill does not read rules first. */
const CAUTION =
  'Pain that changes your stride, chest pain or fever: stop, tell your coach and see a doctor or physiotherapist.';
const COLUMNS = 7;

/** What every day is made with. */
interface Making {
  shown: ShownBlock;
  first: CivilDate;
  pacesOf: (day: CivilDate) => SessionPaces;
}

/**
 * Makes the one model of a block that every handout is made from.
 *
 * @param today the day whose paces are printed
 */
export function handoutOf(block: Block, shown: ShownBlock, today: CivilDate): Handout {
  const { spec } = block;
  const { measure, total } = shown;
  const rules = rulesOf(spec);
  const made: Making = {
    shown,
    first: rowStart(block),
    pacesOf: sessionPacesOn(spec, dayTimes(spec, rules)),
  };
  const weeks = block.weeks.map((week) => weekOf(block, week, made));
  const days = weeks.flatMap((week) => week.days);
  return {
    athlete: spec.athlete.name || 'Block',
    race: {
      name: spec.race.name,
      date: spec.race.date,
      words: dateWords(spec.race.date),
      distance: formatRaceDistance(spec.race.distance, measure.unit),
    },
    goal: goalWords(spec),
    measure,
    unit: unitName(measure),
    weekdays: weekdaysFrom(made.first),
    phases: block.phases.map(({ name, kind, firstWeek, weeks: length }) => ({
      name,
      kind,
      firstWeek,
      weeks: length,
    })),
    weeks,
    sums: {
      columns: Array.from({ length: COLUMNS }, (_, column) =>
        formatSteps(sum(days.flatMap((day) => (day.column === column ? day.steps : []))), measure),
      ),
      total: formatSteps(total, measure),
    },
    legs: legsOf(block),
    events: spec.events.map((event) => ({
      name: event.name,
      from: event.from,
      to: lastDay(event),
      isRace: eventCharacters[event.kind].isRace,
    })),
    paces: pacesFor(block, today),
    caution: CAUTION,
  };
}

function weekdaysFrom(first: CivilDate): string[] {
  return Array.from({ length: COLUMNS }, (_, day) =>
    capital(weekdayOf(addDays(first, day))).slice(0, 3),
  );
}

function weekOf(block: Block, week: Week, made: Making): HandoutWeek {
  const { shown } = made;
  const figures = shown.weeks[week.number - 1];
  const { measure } = shown;
  const longRun = figures?.longRun ?? 0;
  return {
    number: week.number,
    toGo: week.toGo,
    start: week.start,
    from: dayAndMonth(week.start),
    phase: block.phases.findLast(({ firstWeek }) => firstWeek <= week.number)?.name ?? '',
    recovery: week.recovery,
    steps: figures?.volume ?? 0,
    figure: formatSteps(figures?.volume ?? 0, measure),
    longRun,
    longRunFigure: longRun > 0 || isRacedInstead(week) ? longRunFigure(week, longRun, measure) : '',
    days: week.days.map((day, place) => dayOf(block, day, figures?.days[place] ?? 0, made)),
    note: week.events.map(({ name }) => name).join('; '),
  };
}

function dayOf(
  { spec }: Block,
  day: Day,
  steps: number,
  { shown: { measure }, first, pacesOf }: Making,
): HandoutDay {
  return {
    date: day.date,
    column: ((differenceInDays(day.date, first) % COLUMNS) + COLUMNS) % COLUMNS,
    role: dayRoleWords[day.role],
    mark: markOf(day),
    steps,
    minutes: Math.round((day.time + day.cross.time) / 60),
    figure: steps > 0 ? formatSteps(steps, measure) : '',
    words: shortWords(spec, day),
    sessions: day.sessions.map(({ shorthand }) => shorthand),
    targets: targetsFor(runsOf(day), pacesOf(day.date), spec.athlete.unit),
  };
}

function runsOf({ sessions }: Day): string[] {
  return sessions.flatMap(({ kind, shorthand }) => (kind === 'run' ? [shorthand] : []));
}

function markOf(day: Day): DayMark {
  if (day.role === 'race') return 'race';
  if (day.role === 'tune-up' || day.role === 'test') return 'test';
  if (day.role === 'long' || isHardRunning(day)) return 'key';
  return day.sessions.length === 0 ? 'rest' : 'plain';
}

function legsOf(block: Block): Handout['legs'] {
  const { week, heaviest } = legsFigures(block);
  return {
    mornings: block.legs.days.map(({ value }) => value),
    nadir: block.legs.nadir,
    words: `nadir, week ${week}: ${timesDayOne(heaviest)}`,
  };
}

/** Every named pace of a day, slowest first. */
function pacesFor({ spec }: Block, today: CivilDate): Handout['paces'] {
  const day = today < spec.start ? spec.start : today > spec.race.date ? spec.race.date : today;
  return pacesOn(spec, rulesOf(spec), day).rows.flatMap(({ pace, used }) =>
    used ? [{ name: pace.name, text: formatPaceRange(used, spec.athlete.unit) }] : [],
  );
}
