import {
  dateWords,
  formatDuration,
  formatLap,
  formatPace,
  formatRaceDistance,
} from '../../base/format/index.js';
import { type CivilDate, metresPer, type Unit } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import { dayTimes, type PaceRange, pacesOn, splits } from '../../paces/index.js';
import { rulesOf } from '../../rules/index.js';
import { type SessionPaces, sessionPacesOn } from '../../sessions/index.js';
import type { Handout } from './handout.js';
import { hardStretches } from './targets.js';

/** A card for the pocket: a heading, some lines, and a table that adds to them. */
export interface Card {
  title: string;
  lines: string[];
  head: string[];
  rows: string[][];
  /** Under the table. */
  foot: string;
}

const LAP = 400;

/** A session with every repetition, what it is to be run in, and its laps. */
export function sessionCard({ spec }: Block, handout: Handout, date: CivilDate): Card {
  const day = handout.weeks.flatMap(({ days }) => days).find((each) => each.date === date);
  const paces = sessionPacesOn(spec, dayTimes(spec, rulesOf(spec)))(date);
  const { unit } = spec.athlete;
  const lines = day?.sessions ?? [];
  return {
    title: `${handout.athlete}, ${dateWords(date)}`,
    lines,
    head: ['', '', 'in', `${LAP} m`, `per ${unit}`],
    rows: repetitionRows(lines, paces, unit),
    foot: handout.caution,
  };
}

/** Every hard repetition of a day’s sessions: its number, words, time, lap and pace. */
export function repetitionRows(
  sessions: readonly string[],
  paces: SessionPaces,
  unit: Unit,
): string[][] {
  return hardStretches(sessions, paces).map(({ words, distance, time, pace = 0 }, at) =>
    [
      String(at + 1),
      words,
      formatDuration(time),
      distance > LAP ? formatLap(pace, LAP) : '',
      formatPace(pace, unit),
    ].map((cell) => cell.replace(/ \/.*/, '')),
  );
}

/** Every named pace of a day, as it is read on the road, on the track and on a watch. */
export function paceCard({ spec }: Block, handout: Handout, today: CivilDate): Card {
  const day = today < spec.start ? spec.start : today > spec.race.date ? spec.race.date : today;
  const rows = pacesOn(spec, rulesOf(spec), day).rows.flatMap(({ pace, used }) =>
    used ? [[pace.name, ...WAYS.map((way) => rangeText(used, way))]] : [],
  );
  return {
    title: `${handout.athlete}: paces`,
    lines: [`As of ${dateWords(day)}`, handout.goal ? `Goal ${handout.goal}` : ''].filter(Boolean),
    head: ['', 'per km', 'per mile', `${LAP} m`, '200 m'],
    rows,
    foot: handout.caution,
  };
}

const WAYS: readonly ((pace: number) => string)[] = [
  (pace) => bare(pace, 'km'),
  (pace) => bare(pace, 'mi'),
  (pace) => formatLap(pace, LAP),
  (pace) => formatLap(pace, LAP / 2),
];

function bare(pace: number, unit: Unit): string {
  return formatPace(pace, unit).replace(/ .*/, '');
}

function rangeText({ quick, slow }: PaceRange, way: (pace: number) => string): string {
  const [first, last] = [way(quick), way(slow)];
  return first === last ? first : `${first}–${last}`;
}

/** From here on every fifth kilometre or mile is enough. */
const LONG_RACE = 15_000;

/** Race week day by day, and the race in even splits. */
export function raceCard({ spec }: Block, handout: Handout): Card {
  const { race, athlete } = spec;
  const times = dayTimes(spec, rulesOf(spec))(race.date);
  const time = race.goalTime ?? times?.(race.distance);
  const each = metresPer(athlete.unit) * (race.distance >= LONG_RACE ? 5 : 1);
  const last = handout.weeks.at(-1);
  const found =
    time === undefined ? [] : splits({ distance: race.distance, time, every: each, shape: [0] });
  return {
    title: `${handout.athlete}: race week`,
    lines: [
      `${race.name}, ${dateWords(race.date)}${handout.goal ? `, goal ${handout.goal}` : ''}`,
      ...(last?.days ?? []).map(
        (day) => `${dateWords(day.date).slice(0, 3)}: ${day.sessions.join(' + ') || day.role}`,
      ),
    ],
    head: ['At', 'Split', 'Clock'],
    rows: found.map(({ at, seconds, elapsed }) => [
      formatRaceDistance(at, athlete.unit),
      formatDuration(seconds),
      formatDuration(elapsed),
    ]),
    foot: `Start no quicker than the first split says. ${handout.caution}`,
  };
}
