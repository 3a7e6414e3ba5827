import { METRES_PER_MILE, type Unit } from '../../base/index.js';
import type { TrackMark } from './activity.js';

/** A point as a device wrote it. */
export interface TrackPoint {
  /** Degrees. */
  latitude: number;
  longitude: number;
  /** Milliseconds since 1970; undefined where the device wrote none. */
  at: number | undefined;
  /** Beats a minute; undefined where none were measured. */
  heart?: number | undefined;
}

/** The mean radius of the ellipsoid, metres (IUGG, R₁ of GRS 80). */
const EARTH_RADIUS = 6_371_008.8;

/**
 * Metres between two points of a sphere by the haversine, which keeps its figures
 * where the points are near: d = 2R·asin√(sin²(Δφ/2) + cos φ₁·cos φ₂·sin²(Δλ/2)).
 *
 * Source: R. W. Sinnott, "Virtues of the haversine", Sky and Telescope 68 (1984).
 */
export function haversine(
  one: Pick<TrackPoint, 'latitude' | 'longitude'>,
  other: Pick<TrackPoint, 'latitude' | 'longitude'>,
): number {
  const radians = Math.PI / 180;
  const [from, to] = [one.latitude * radians, other.latitude * radians];
  const north = Math.sin((to - from) / 2);
  const east = Math.sin(((other.longitude - one.longitude) * radians) / 2);
  const chord = north ** 2 + Math.cos(from) * Math.cos(to) * east ** 2;
  return 2 * EARTH_RADIUS * Math.asin(Math.min(1, Math.sqrt(chord)));
}

/** Slower than this nobody moves; longer without a point the watch was stopped. Policy. */
const STANDING = 0.5;
const STOPPED_SECONDS = 60;

/** A track as metres and seconds of moving, standing left out. Times that run backward are left out too. */
export function marksOf(points: readonly TrackPoint[]): TrackMark[] {
  const marks: TrackMark[] = [{ metres: 0, seconds: 0 }];
  let [metres, seconds] = [0, 0];
  for (const [index, point] of points.entries()) {
    const before = points[index - 1];
    if (!before) continue;
    const moved = haversine(before, point);
    const passed = ((point.at ?? 0) - (before.at ?? 0)) / 1000;
    metres += moved;
    const isMoving = passed > 0 && passed <= STOPPED_SECONDS && moved / passed >= STANDING;
    if (isMoving) seconds += passed;
    marks.push({ metres, seconds });
  }
  return marks;
}

/**
 * Mean heart rate over the time between points, each beat weighed by the seconds it
 * stands for; undefined where hardly any of the track has one.
 *
 * @example 140 for 60 s, then 160 for 20 s: (140 × 60 + 160 × 20) / 80 = 145.
 */
export function meanHeart(points: readonly TrackPoint[]): number | undefined {
  let [beats, measured, whole] = [0, 0, 0];
  for (const [index, { at, heart }] of points.entries()) {
    const passed = ((at ?? 0) - (points[index - 1]?.at ?? Infinity)) / 1000;
    if (!(passed > 0 && passed <= STOPPED_SECONDS)) continue;
    whole += passed;
    if (heart === undefined) continue;
    measured += passed;
    beats += heart * passed;
  }
  return measured > whole / 2 ? beats / measured : undefined;
}

/** Seconds of each whole kilometre or mile, the odd rest left out. */
export function splitsOf(marks: readonly TrackMark[], unit: Unit): number[] {
  const each = unit === 'mi' ? METRES_PER_MILE : 1000;
  // A track that ends a metre short of its last split has it all the same.
  const whole = Math.floor(((marks.at(-1)?.metres ?? 0) + 1) / each);
  const at = Array.from({ length: whole + 1 }, (_, index) => secondsAt(marks, index * each));
  return at.slice(1).map((seconds, index) => seconds - (at[index] ?? 0));
}

/** Seconds at which so many metres were reached, between two marks in proportion. */
function secondsAt(marks: readonly TrackMark[], metres: number): number {
  let [low, high] = [0, marks.length - 1];
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if ((marks[middle]?.metres ?? 0) < metres) low = middle + 1;
    else high = middle;
  }
  const [before, after] = [marks[low - 1], marks[low]];
  if (!before || !after) return after?.seconds ?? 0;
  const part = (metres - before.metres) / Math.max(1e-9, after.metres - before.metres);
  return before.seconds + part * (after.seconds - before.seconds);
}

/**
 * The pieces of a track that were its repetitions: of the same length each, the
 * quickest that do not overlap, in the order they were run.
 *
 * @param length metres of each
 * @returns seconds of each; undefined where the track is too short for them
 */
export function quickestPieces(
  marks: readonly TrackMark[],
  length: number,
  count: number,
): number[] | undefined {
  const whole = marks.at(-1)?.metres ?? 0;
  if (length <= 0 || count <= 0 || whole < length * count) return undefined;
  const pieces = marks
    .filter(({ metres }) => metres + length <= whole)
    .map(({ metres, seconds }) => ({
      metres,
      seconds: secondsAt(marks, metres + length) - seconds,
    }))
    .filter(({ seconds }) => seconds > 0)
    .sort((one, other) => one.seconds - other.seconds);
  const taken: typeof pieces = [];
  for (const piece of pieces) {
    if (taken.length === count) break;
    if (taken.every(({ metres }) => Math.abs(metres - piece.metres) >= length)) taken.push(piece);
  }
  if (taken.length < count) return undefined;
  return taken
    .sort((one, other) => one.metres - other.metres)
    .map(({ seconds }) => Math.round(seconds * 10) / 10);
}
