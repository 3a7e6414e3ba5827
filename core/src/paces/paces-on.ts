import type { NamedPace } from '../spec/choices/index.js';
import { canonicalJson, type CivilDate, differenceInDays } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { defaultPacesOf } from './default-paces.js';
import { guessedLoose } from './guessed-pace.js';
import { feelByDuration } from './feel-by-duration.js';
import { heartByDuration } from './heart-by-duration.js';
import { beatsOf } from './heart.js';
import { type Fitness, type PaceSubject, fitnessOn, goalTimes, pacedOn } from './fitness.js';
import type { TimeFor } from './model.js';
import { distanceIn, middleOf, type PaceRange, rangeOf } from './pace-range.js';

/** One named pace on one day. */
export interface PaceRow {
  pace: NamedPace;
  current: PaceRange | undefined;
  goal: PaceRange | undefined;
  /** The one that sessions use. */
  used: PaceRange | undefined;
  /** Whether the model is known to hold there. */
  holds: boolean;
  /** Beats a minute. */
  beats: readonly [number, number] | undefined;
  /** How it feels to this athlete, and what can be said while it is run. */
  effort: string | undefined;
  talk: string | undefined;
}

/** The paces of one day. */
export interface PacesOn {
  day: CivilDate;
  fitness: Fitness | undefined;
  /** Undefined with neither a result nor a goal. */
  used: TimeFor | undefined;
  rows: PaceRow[];
}

/** Every named pace of a block on a day: from current fitness, from the goal, and as used. */
export function pacesOn(subject: PaceSubject, rules: HouseRules, day: CivilDate): PacesOn {
  const fitness = fitnessOn(subject, rules, day);
  const goal = goalTimes(subject, fitness);
  const used = timesOn(subject, fitness, goal, day);
  const holds = fitness?.holds ?? (() => true);
  const rows = subject.paces.table.map((pace): PaceRow => {
    const guess = used ? undefined : guessFor(pace, subject);
    return {
      pace,
      current: fitness && rangeOf(pace, fitness.timeFor),
      goal: goal && rangeOf(pace, goal),
      used: used ? rangeOf(pace, used) : guess,
      holds: used ? isKnown(pace, used, holds) : guess === undefined,
      beats: beatsFor(pace, used, subject),
      ...feelFor(pace, used, subject),
    };
  });
  return { day, fitness, used, rows: bySpeed(rows) };
}

/**
 * Beats of a pace: the coach's own band, else by how long this athlete can hold it
 * and not by its name. A pace slower than what it is taken from keeps its own.
 */
function beatsFor(pace: NamedPace, used: TimeFor | undefined, subject: PaceSubject) {
  if (!pace.heart) return undefined;
  const usual = defaultPacesOf(subject.engine).find(({ id }) => id === pace.id)?.heart;
  const isOwn = canonicalJson(usual) !== canonicalJson(pace.heart);
  const held = pace.offset.every((each) => each === 0) ? lastsFor(pace, used) : undefined;
  const band = isOwn || held === undefined ? pace.heart : heartByDuration(held);
  return beatsOf(band, subject.athlete);
}

/** Words of a pace: the coach's own, else by how long this athlete can hold it. */
function feelFor(pace: NamedPace, used: TimeFor | undefined, subject: PaceSubject) {
  const usual = defaultPacesOf(subject.engine).find(({ id }) => id === pace.id);
  const held = pace.offset.every((each) => each === 0) ? lastsFor(pace, used) : undefined;
  const felt = usual && held !== undefined ? feelByDuration(held) : undefined;
  const words = (part: 'effort' | 'talk') =>
    felt && pace[part] === usual?.[part] ? felt[part] : pace[part];
  return { effort: words('effort'), talk: words('talk') };
}

/** Easy running where nothing tells a pace: what the block is laid out at. */
function guessFor({ id }: NamedPace, { athlete }: PaceSubject): PaceRange | undefined {
  if (id !== 'easy' && id !== 'recovery') return undefined;
  const pace = guessedLoose(athlete, id);
  return { quick: pace, slow: pace };
}

/** Seconds that a pace can be held; undefined where the model says nothing of it. */
function lastsFor({ base }: NamedPace, used: TimeFor | undefined): number | undefined {
  const seconds = 'race' in base ? used?.(base.race) : base.lasts;
  return seconds !== undefined && Number.isFinite(seconds) ? seconds : undefined;
}

/** Whether what a pace is defined from lies where the model is known to hold. */
function isKnown({ base }: NamedPace, timeFor: TimeFor, holds: Fitness['holds']): boolean {
  const distance = 'race' in base ? base.race : distanceIn(base.lasts, timeFor);
  return holds(distance, timeFor(distance));
}

/** The slowest first, by the middle of what is used; as the table has them where nothing is known. */
function bySpeed(rows: readonly PaceRow[]): PaceRow[] {
  const pace = ({ used }: PaceRow) => (used ? middleOf(used) : 0);
  return [...rows].sort((one, other) => pace(other) - pace(one));
}

/** The times that sessions of a day use, by the block’s aim. */
export function timesOn(
  subject: PaceSubject,
  fitness: Fitness | undefined,
  goal: TimeFor | undefined,
  day: CivilDate,
): TimeFor | undefined {
  const current = fitness?.timeFor;
  if (!current || !goal) return current ?? goal;
  const { aim } = subject.paces;
  if (aim !== 'walk') return aim === 'goal' ? goal : current;
  const part = walked(subject, day);
  return (distance) => current(distance) + part * (goal(distance) - current(distance));
}

/** Part of the way to the goal that is walked on a day: 0 at the last re-pacing, 1 on race day. */
function walked(subject: PaceSubject, day: CivilDate): number {
  const from = pacedOn(subject, day);
  const whole = differenceInDays(subject.race.date, from);
  return whole <= 0 ? 1 : Math.min(1, Math.max(0, differenceInDays(day, from) / whole));
}
