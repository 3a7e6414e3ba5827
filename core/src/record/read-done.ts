import {
  addDays,
  type CivilDate,
  daysUntilWeekday,
  type Measure,
  weekdayOf,
  weekdays,
} from '../base/index.js';
import type { Read } from '../base/format/index.js';
import { asPlanned, type PlannedRuns } from './day-done.js';
import { type Figures, isTooShort, readFigures, withPace } from './read-figures.js';
import { type MissedReason, missedReasons, type RunEntry } from './run-entry.js';

/** What was typed of one thing done, before it has its day and place. */
export type Done = Omit<RunEntry, 'date' | 'place'>;

/** What a coach typed of a day: nothing kept, as planned, or what was done in its order. */
export type DayTyped =
  { kind: 'nothing' } | { kind: 'as-planned' } | { kind: 'done'; done: readonly Done[] };

const AS_PLANNED: ReadonlySet<string> = new Set(['=', 'as planned', 'ok', 'done', '✓', '✔', 'yes']);
const MISSED: ReadonlySet<string> = new Set([
  ...['missed', 'skipped', 'dns', 'x', '-', '–', '0', 'nothing', 'none'],
  ...['not run', 'no run', 'did not run', 'didn’t run', "didn't run"],
]);
/** Words that say so alone: `off road 10 km` is a run. */
const RESTED: ReadonlySet<string> = new Set(['rest', 'rested', 'off', 'day off', 'rest day']);
/** Other words for why a run was missed. */
const REASONS: ReadonlyMap<string, MissedReason> = new Map([
  ...['sick', 'illness'].map((word) => [word, 'ill'] as const),
  ...['injured', 'injury'].map((word) => [word, 'sore'] as const),
  ['travelling', 'travel'],
]);
/** Of two runs the morning’s, and the evening’s. */
const TWICE = [
  /^am:? (.+?)[,;]? ?(?:and )?pm:? (.+)$/i,
  /^([^,;]+?) am[,;]? ?(?:and )?(\d.*) pm$/i,
];

/**
 * Reads what was done on a day as a coach says it: `=`, `12`, `6 + 4`,
 * `12 km 1:02:30, effort 4, felt fine`, `pool 40 min`, `missed, ill`, `moved to Fri`. Parts after
 * commas are effort, heart rate or reason where they read as one, else a note.
 *
 * @param on the day it is typed of: where a moved run went follows from it, and whether a day
 * without running went as planned
 */
export function readDone(text: string, measure: Measure, on?: PlannedRuns): Read<DayTyped> {
  const typed = text.trim().replace(/\s+/g, ' ');
  if (typed === '') return { ok: true, value: { kind: 'nothing' } };
  if (AS_PLANNED.has(typed.toLowerCase())) return { ok: true, value: { kind: 'as-planned' } };
  const moved = readMoved(typed, on?.date);
  if (moved) return { ok: true, value: { kind: 'done', done: [moved] } };
  const twice = TWICE.map((way) => way.exec(typed)).find((found) => found !== null);
  const done: Done[] = [];
  for (const each of twice ? twice.slice(1) : typed.split(/ \+ |\+(?=\d)/)) {
    const read = readOne(each.trim(), measure);
    if (!read.ok) return read;
    done.push(read.value);
  }
  const isRest = on !== undefined && asPlanned(on).length === 0 && done.every(isBareMissed);
  return { ok: true, value: isRest ? { kind: 'as-planned' } : { kind: 'done', done } };
}

/** Nothing was run, and nothing is said of why. */
function isBareMissed({ kind, reason, movedTo, note }: Done): boolean {
  return kind === 'missed' && (reason ?? movedTo ?? note) === undefined;
}

function readOne(text: string, measure: Measure): Read<Done> {
  const [first = '', ...others] = text.split(/, ?(?=\D)|, (?=\d)/);
  const missed = readMissed(first, others);
  if (missed) return { ok: true, value: missed };
  const read = readFigures(first, measure);
  if (!read.ok) return read;
  const notes: string[] = [];
  let figures = read.value;
  for (const part of others.map((each) => each.trim())) {
    const more = withFigures(figures, part, measure);
    if (more) figures = more;
    else notes.push(part);
  }
  return doneOf(text, withPace(figures), notes);
}

const FIGURES = ['distance', 'time', 'pace', 'effort', 'heart'] as const;

/** Figures with those of a part behind a comma; undefined where it is a note. */
function withFigures(figures: Figures, part: string, measure: Measure): Figures | undefined {
  const read = readFigures(part, measure);
  if (!read.ok || read.value.words.length > 0) return undefined;
  const { words: _, kind, ...more } = read.value;
  const isSaid = FIGURES.some((key) => more[key] !== undefined && figures[key] !== undefined);
  const isBare = /^\d+(?:[.,]\d+)?$/.test(part);
  return isSaid || isBare || kind !== undefined ? undefined : { ...figures, ...more };
}

function doneOf(text: string, figures: Figures, notes: readonly string[]): Read<Done> {
  const { kind = 'run', distance, time, effort, heart, words } = figures;
  if (distance === undefined && time === undefined) {
    const problem = `“${text}” says nothing about a run: type 12, 12 km 50:10, pool 40 min, or missed, ill.`;
    return { ok: false, problem };
  }
  if (isTooShort(figures)) {
    const problem = `“${text}” would be only a few minutes of running. An hour and five minutes is 1:05:00 or 65 min; otherwise give the distance too.`;
    return { ok: false, problem };
  }
  const note = [words.join(' '), ...notes].filter((each) => each !== '').join(', ');
  return {
    ok: true,
    value: {
      kind,
      ...(distance !== undefined && { distance }),
      ...(time !== undefined && { time }),
      ...(effort !== undefined && { effort }),
      ...(heart !== undefined && { heart }),
      ...(note !== '' && { note }),
    },
  };
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
  const whole = first.toLowerCase();
  const isWhole = MISSED.has(whole) || RESTED.has(whole);
  const isMissed = isWhole || MISSED.has(head);
  const words = [...(isWhole ? [] : isMissed ? [rest.join(' ')] : [first]), ...others]
    .map((each) => each.trim())
    .filter((each) => each !== '');
  const place = words.findIndex((each) => reasonOf(each) !== undefined);
  if (!isMissed && place !== 0) return undefined;
  const reason = reasonOf(words[place] ?? '');
  const note = words.filter((_, index) => index !== place).join(', ');
  return {
    kind: 'missed',
    ...(reason !== undefined && { reason }),
    ...(note !== '' && { note }),
  };
}

function reasonOf(word: string): MissedReason | undefined {
  const asked = word.toLowerCase();
  return missedReasons.find((each) => each === asked) ?? REASONS.get(asked);
}
