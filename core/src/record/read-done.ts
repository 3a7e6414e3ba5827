import {
  addDays,
  type CivilDate,
  daysUntilWeekday,
  METRES_PER_MILE,
  type Measure,
  weekdayOf,
  weekdays,
} from '../base/index.js';
import { parseAmount, type Read, readTime } from '../base/format/index.js';
import {
  type EntryKind,
  entryKinds,
  type MissedReason,
  missedReasons,
  type RunEntry,
} from './run-entry.js';

/** What was typed of one thing done, before it has its day and place. */
export type Done = Omit<RunEntry, 'date' | 'place'>;

/** What a coach typed of a day: nothing kept, as planned, or what was done in its order. */
export type DayTyped =
  { kind: 'nothing' } | { kind: 'as-planned' } | { kind: 'done'; done: readonly Done[] };

const AS_PLANNED: ReadonlySet<string> = new Set(['=', 'as planned', 'ok', 'done']);
const MISSED: ReadonlySet<string> = new Set(['missed', 'x', '-', '–', '0', 'not run']);
const UNITS: Readonly<Record<string, number>> = {
  m: 1,
  km: 1000,
  k: 1000,
  mi: METRES_PER_MILE,
  mile: METRES_PER_MILE,
  miles: METRES_PER_MILE,
};
const MINUTES = /^(\d+(?:[.,]\d+)?) ?(?:min|minutes?|')$/i;
const DISTANCE = /^(\d+(?:[.,]\d+)?) ?(m|km|k|mi|miles?)$/i;
const EFFORT = /^(?:e|effort) ?(\d{1,2})$/i;
const HEART = /^(?:hr|heart|pulse) ?(\d{2,3})$/i;

/**
 * Reads what was done on a day as a coach says it: `=`, `12`, `6 + 4`,
 * `12 km 1:02:30, effort 4, felt fine`, `pool 40 min`, `missed, ill`, `moved to Fri`. Parts after
 * commas are effort, heart rate or reason where they read as one, else a note.
 *
 * @param on the day it is typed of: where a moved run went follows from it
 */
export function readDone(text: string, measure: Measure, on?: CivilDate): Read<DayTyped> {
  const typed = text.trim().replace(/\s+/g, ' ');
  if (typed === '') return { ok: true, value: { kind: 'nothing' } };
  if (AS_PLANNED.has(typed.toLowerCase())) return { ok: true, value: { kind: 'as-planned' } };
  const moved = readMoved(typed, on);
  if (moved) return { ok: true, value: { kind: 'done', done: [moved] } };
  const done: Done[] = [];
  for (const each of typed.split(/ \+ |\+(?=\d)/)) {
    const read = readOne(each.trim(), measure);
    if (!read.ok) return read;
    done.push(read.value);
  }
  return { ok: true, value: { kind: 'done', done } };
}

function readOne(text: string, measure: Measure): Read<Done> {
  const [first = '', ...others] = text.split(/, |,(?=\D)/);
  const missed = readMissed(first, others);
  if (missed) return { ok: true, value: missed };
  const figures = readFigures(first, measure);
  if (!figures.ok) return figures;
  const done: Done = { ...figures.value };
  const words: string[] = [];
  for (const part of others.map((each) => each.trim())) {
    const effort = Number(EFFORT.exec(part)?.[1]);
    const heart = Number(HEART.exec(part)?.[1]);
    if (effort >= 1 && effort <= 10) done.effort = effort;
    else if (heart > 0) done.heart = heart;
    else words.push(part);
  }
  if (words.length > 0) done.note = words.join(', ');
  return { ok: true, value: done };
}

const MOVED = /^moved?(?: to)? ([a-z]{3,9})$/i;

/** `moved to Fri`: the next day of that name. */
function readMoved(typed: string, on: CivilDate | undefined): Done | undefined {
  const name = MOVED.exec(typed)?.[1]?.toLowerCase();
  const weekday = weekdays.find((each) => name !== undefined && each.startsWith(name));
  if (!weekday || on === undefined) return undefined;
  const days = daysUntilWeekday(weekdayOf(on), weekday);
  return { kind: 'missed', movedTo: addDays(on, days === 0 ? 7 : days) };
}

/** `missed`, `missed ill`, `ill, a cold`. */
function readMissed(first: string, others: readonly string[]): Done | undefined {
  const [head = '', ...rest] = first.toLowerCase().split(' ');
  const isMissed = MISSED.has(first.toLowerCase()) || MISSED.has(head);
  const words = [...(isMissed ? [rest.join(' ')] : [first]), ...others]
    .map((each) => each.trim())
    .filter((each) => each !== '');
  const reason = words.map((each) => each.toLowerCase()).find(isReason);
  if (!isMissed && (reason === undefined || !isReason(first.toLowerCase()))) return undefined;
  const note = words.filter((each) => each.toLowerCase() !== reason).join(', ');
  return {
    kind: 'missed',
    ...(reason !== undefined && { reason }),
    ...(note !== '' && { note }),
  };
}

function isReason(word: string): word is MissedReason {
  return missedReasons.some((each) => each === word);
}

/** `12`, `12 km 50:10`, `50:10`, `pool 40 min`. */
function readFigures(text: string, measure: Measure): Read<Done> {
  const [head = '', ...rest] = text.split(' ');
  const kind = entryKinds.find((each) => each === head.toLowerCase() && each !== 'missed');
  const told = kind ? rest.join(' ') : text;
  const done: Done = { kind: kind ?? ('run' satisfies EntryKind) };
  for (const part of told.match(/[\d.,:]+ ?[a-z']*/gi) ?? []) {
    const problem = putFigure(done, part.trim(), measure);
    if (problem !== undefined) return { ok: false, problem };
  }
  if (done.distance === undefined && done.time === undefined) {
    return {
      ok: false,
      problem: `“${text}” says nothing of a run: type 12, 12 km 50:10, pool 40 min, or missed, ill.`,
    };
  }
  return { ok: true, value: done };
}

/** Puts one figure where it belongs; gives back what is wrong with it. */
function putFigure(done: Done, part: string, measure: Measure): string | undefined {
  const minutes = MINUTES.exec(part);
  const distance = DISTANCE.exec(part);
  const number = (found: RegExpExecArray) => Number((found[1] ?? '').replace(',', '.'));
  if (minutes) done.time = number(minutes) * 60;
  else if (distance) {
    done.distance = number(distance) * (UNITS[(distance[2] ?? '').toLowerCase()] ?? 1);
  } else if (part.includes(':')) {
    const time = readTime(part);
    if (!time.ok) return time.problem;
    done.time = time.value;
  } else {
    const amount = parseAmount(part, measure);
    if (amount === undefined) return `“${part}” is no figure: type 12, 12 km or 50:10.`;
    if (measure.basis === 'time') done.time = amount;
    else done.distance = amount;
  }
  return undefined;
}
