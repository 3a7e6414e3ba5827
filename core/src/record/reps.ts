import { sum } from '../base/index.js';
import { type Read, readTime } from '../base/format/index.js';

/** Most repetitions or splits of one run. */
export const MOST_REPS = 200;

/**
 * Reads repetitions as they are called out, `1:54 1:53 …`, parted by spaces, commas
 * or slashes; a bare number is seconds, as of a 200.
 *
 * @returns seconds of each, in order
 */
export function readReps(text: string): Read<number[]> {
  const typed = text.split(/[\s,;/]+/).filter((each) => each !== '');
  if (typed.length > MOST_REPS) {
    return { ok: false, problem: `${typed.length} repetitions: at most ${MOST_REPS} are kept.` };
  }
  const read: number[] = [];
  for (const each of typed) {
    const seconds = Number(each);
    const time = Number.isFinite(seconds) ? seconds : NaN;
    const known = time > 0 ? ({ ok: true, value: time } as const) : readTime(each);
    if (!known.ok) return known;
    read.push(known.value);
  }
  return { ok: true, value: read };
}

/** Repetitions against what they were to be run in. */
export interface RepsDone {
  /** Seconds. */
  mean: number;
  /** Slowest less quickest, seconds. */
  spread: number;
  /** Mean less the target, seconds; undefined without one. */
  against: number | undefined;
  /** Each less its target, seconds; empty without one. */
  differences: readonly number[];
  /** Mean of the last third less that of the first, seconds; 0 for fewer than three. */
  fade: number;
}

/**
 * Judges repetitions by their mean, their spread and their targets.
 *
 * @param times seconds, at least one
 * @param targets seconds, one for each or one for all; empty where none is known
 */
export function repsDone(times: readonly number[], targets: readonly number[]): RepsDone {
  const mean = meanOf(times);
  const third = Math.floor(times.length / 3);
  const aims = times.flatMap((_, index) => targets[index] ?? (targets.length === 1 ? targets : []));
  const known = aims.length === times.length ? aims : [];
  return {
    mean,
    spread: Math.max(...times) - Math.min(...times),
    against: known.length > 0 ? mean - meanOf(known) : undefined,
    differences: known.map((target, index) => (times[index] ?? target) - target),
    fade: third === 0 ? 0 : meanOf(times.slice(-third)) - meanOf(times.slice(0, third)),
  };
}

function meanOf(values: readonly number[]): number {
  return sum(values) / values.length;
}
