import type { CivilDate } from '../../base/index.js';
import { dayLoad, recordedLoad } from '../../layout/index.js';
import { type Day, isHardRunning, toldOf } from '../../layout/block/index.js';
import { middleOf, type PaceRange } from '../../paces/index.js';
import {
  type DayDone,
  dayDone,
  type MorningNote,
  repsDone,
  type RepsDone,
  type RunEntry,
  USUAL_PACE,
} from '../../record/index.js';
import { laySession, readSession, type SessionPaces } from '../../sessions/index.js';
import type { BlockSpec } from '../../spec/index.js';

/** An easy run that was measured, against the table of its day: s/km. */
export interface EasyRun {
  pace: number;
  range: PaceRange;
}

/** One day as it was planned, and as it was. */
export interface DayReviewed {
  day: Day;
  /** Number of its week. */
  week: number;
  entries: readonly RunEntry[];
  morning: MorningNote | undefined;
  done: DayDone;
  /** Minutes × effort: recorded, else nothing is known and it is undefined. */
  load: number | undefined;
  easy: EasyRun | undefined;
  /** Repetitions as they were run, with what they were to be run in, seconds. */
  reps: { times: readonly number[]; targets: readonly number[]; judged: RepsDone } | undefined;
}

/** What a day is looked at with: its paces, and the hearts of the athlete. */
export interface DayPaces {
  /** Of easy running, and of the slower running of recovery. */
  easyRange: (day: CivilDate, atRecovery: boolean) => PaceRange | undefined;
  sessionPaces: (day: CivilDate) => SessionPaces;
  athlete: Pick<BlockSpec['athlete'] & object, 'maxHeart' | 'restHeart'>;
}

/** Looks at one day. */
export function reviewDay(
  { day, week }: { day: Day; week: number },
  { entries, morning }: { entries: readonly RunEntry[]; morning: MorningNote | undefined },
  paces: DayPaces,
): DayReviewed {
  const range = paces.easyRange(day.date, day.atRecovery || day.role === 'recovery');
  const easy = range && middleOf(range) / 1000;
  return {
    day,
    week,
    entries,
    morning,
    done: dayDone(day, entries, easy ?? USUAL_PACE),
    load: recordedLoad(day, entries, paces.athlete),
    easy: range && easyRun(day, entries, range),
    reps: repsOf(day, entries, paces),
  };
}

const EASY: ReadonlySet<Day['role']> = new Set([
  'easy',
  'short-easy',
  'recovery',
  'semi-long',
  'long',
]);

/** Its pace, where all that was run was to be easy and was measured. */
function easyRun(day: Day, entries: readonly RunEntry[], range: PaceRange): EasyRun | undefined {
  if (!EASY.has(day.role) || day.hardTime > 0 || isHardRunning(day)) return undefined;
  const measured = entries.filter(({ kind, distance, time }) => kind === 'run' && distance && time);
  const metres = measured.reduce((all, { distance = 0 }) => all + distance, 0);
  if (metres === 0) return undefined;
  const seconds = measured.reduce((all, { time = 0 }) => all + time, 0);
  return { pace: (seconds / metres) * 1000, range };
}

function repsOf(day: Day, entries: readonly RunEntry[], paces: DayPaces): DayReviewed['reps'] {
  const times = entries.flatMap(({ reps = [] }) => reps);
  if (times.length === 0) return undefined;
  const targets = targetsOf(day, paces);
  return { times, targets, judged: repsDone(times, targets) };
}

/** Seconds that each hard stretch of a day's sessions was to take; one alone where all are alike, none at a guess. */
export function targetsOf(day: Day, { sessionPaces }: Pick<DayPaces, 'sessionPaces'>): number[] {
  const paces = sessionPaces(day.date);
  if (paces.guessed) return [];
  const stretches = toldOf(day).flatMap(({ shorthand }) => {
    const read = readSession(shorthand);
    return read.ok ? laySession(read.session, paces).stretches : [];
  });
  const hard = stretches.filter(({ hard: is, distance }) => is && distance > 0);
  const times = hard.map(({ time }) => Math.round(time * 10) / 10);
  const alike = times.every((time) => Math.abs(time - (times[0] ?? 0)) < 0.05);
  return alike ? times.slice(0, 1) : times;
}

/** What a day weighs, as it was or else as it was planned. */
export function loadOf({ load, day }: DayReviewed): number {
  return load ?? dayLoad(day);
}
