import { capital, formatPace, formatPaceRange } from '../../base/format/index.js';
import type { CivilDate } from '../../base/index.js';
import type { Block, Day } from '../../layout/block/index.js';
import { type DayTimes, dayTimes, type PaceRow, pacesOn } from '../../paces/index.js';
import { asPlanned, type EntryKind } from '../../record/index.js';
import { type HouseRules, rulesOf } from '../../rules/index.js';
import {
  laySession,
  RACE_PACE,
  readSession,
  type SessionPaces,
  sessionPacesOn,
} from '../../sessions/index.js';
import { piecesOf, type RunPieces } from '../figures/day-pieces.js';
import type { ShownBlock } from '../figures/show.js';
import { raceCard, repetitionRows } from '../handout/cards.js';
import { type Handout, type HandoutDay, handoutOf, type HandoutWeek } from '../handout/handout.js';
import { meantEffort } from './meant-effort.js';

/** A day of the handout, and what is read and noted of it on a phone. */
export interface AthleteDay extends HandoutDay {
  /** What it is called: its role, or the race. */
  title: string;
  /** Each run in its pieces, whole metres, to scale. */
  runs: RunPieces[];
  /** The paces it is run at, as ranges; with how they feel, where that is known. */
  paces: { name: string; text: string; feel: string }[];
  /** Every hard repetition: words, time, lap, pace. */
  laps: string[][];
  /** What “as planned” says of it. */
  planned: { kind: EntryKind; distance?: number | undefined; time?: number | undefined }[];
  /** How hard it is meant to be, of ten. */
  meant: readonly [number, number] | undefined;
}

export interface AthleteWeek extends Omit<HandoutWeek, 'days'> {
  days: AthleteDay[];
}

/** A block as its athlete sees it: nothing of health, of checks or of the coach’s reasons is in it. */
export interface AthleteBlock extends Omit<Handout, 'weeks'> {
  weeks: AthleteWeek[];
  /** The race in even splits: where, split, clock. */
  splits: string[][];
}

/**
 * Makes what an athlete sees of a block: the same days and figures as every handout.
 *
 * @param today the day whose paces are shown
 */
export function athleteBlock(block: Block, shown: ShownBlock, today: CivilDate): AthleteBlock {
  const handout = handoutOf(block, shown, today);
  const rules = rulesOf(block.spec);
  const { unit } = block.spec.athlete;
  const times = dayTimes(block.spec, rules);
  const pacesOfDay = sessionPacesOn(block.spec, times);
  const rowsOf = rowsOn(block, rules, times);
  const days = new Map(block.weeks.flatMap((week) => week.days.map((day) => [day.date, day])));
  const dayOf = (held: HandoutDay): AthleteDay => {
    const day = days.get(held.date);
    if (!day) throw new Error(`A handout has the days of its block alone: ${held.date}.`);
    const paces = pacesOfDay(day.date);
    const runs = wholeMetres(piecesOf(day, paces));
    return {
      ...held,
      title: held.mark === 'race' ? handout.race.name : capital(held.role),
      runs,
      paces: pacesIn(block, day, rowsOf(day.date), paces),
      laps: held.targets.length > 0 ? repetitionRows(held.sessions, paces, unit) : [],
      planned: asPlanned(day).map(({ kind, distance, time }) => ({ kind, distance, time })),
      meant: meantEffort(day.role),
    };
  };
  return {
    ...handout,
    weeks: handout.weeks.map((week) => ({ ...week, days: week.days.map(dayOf) })),
    splits: raceCard(block, handout).rows,
  };
}

/** Rows of the pace table of a day, worked out anew only where its paces change. */
function rowsOn({ spec }: Block, rules: HouseRules, times: DayTimes) {
  const known = new Map<ReturnType<DayTimes>, readonly PaceRow[]>();
  return (date: CivilDate) => {
    const used = times(date);
    const rows = known.get(used) ?? pacesOn(spec, rules, date).rows;
    known.set(used, rows);
    return rows;
  };
}

/** What stretches without a pace of their own are run at. */
const EASY = 'easy';

/** The paces that a day’s runs are written in, slowest first; the goal’s own is in no table. */
function pacesIn(
  { spec }: Block,
  day: Day,
  rows: readonly PaceRow[],
  paces: SessionPaces,
): AthleteDay['paces'] {
  const { unit } = spec.athlete;
  const named = pacesNamed(day, paces);
  const known = rows.flatMap(({ pace, used, effort, talk }) =>
    used && named.has(pace.id)
      ? [{ name: pace.name, text: formatPaceRange(used, unit), feel: feelWords(effort, talk) }]
      : [],
  );
  const goal = paces.guessed ? undefined : named.get(RACE_PACE);
  const own = { name: capital(RACE_PACE), text: goal ? formatPace(goal, unit) : '', feel: '' };
  return goal === undefined ? known : [...known, own];
}

/** Ids of the paces of a day’s stretches, with s/km. */
function pacesNamed({ sessions }: Day, paces: SessionPaces): Map<string, number> {
  const named = new Map<string, number>();
  for (const { kind, shorthand } of sessions) {
    const read = readSession(shorthand);
    if (kind !== 'run' || !read.ok) continue;
    for (const { named: id = EASY, pace } of laySession(read.session, paces).stretches) {
      if (pace !== undefined) named.set(id, pace);
    }
  }
  return named;
}

function feelWords(effort = '', talk = ''): string {
  return [effort, talk && `Talk test: ${talk.toLowerCase()}`].filter(Boolean).join(' ');
}

function wholeMetres(runs: readonly RunPieces[]): RunPieces[] {
  return runs.map(({ shorthand, from, distance, pieces }) => ({
    shorthand,
    from: Math.round(from),
    distance: Math.round(distance),
    pieces: pieces.map((piece) => ({
      ...piece,
      from: Math.round(piece.from),
      distance: Math.round(piece.distance),
    })),
  }));
}
