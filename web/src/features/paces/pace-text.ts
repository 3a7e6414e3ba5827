import type { Unit } from '@nadir/core/base';
import { formatDuration, formatLap, formatPace, formatSpeed } from '@nadir/core/base/format';
import type { PaceRange } from '@nadir/core/paces';
import * as wording from './wording.js';

/** The ways a pace is read: per unit, per lap, as a treadmill is set. */
export const paceColumns = [
  ['km', '/km', (pace: number) => formatPace(pace, 'km').replace(' /km', '')],
  ['mi', '/mi', (pace: number) => formatPace(pace, 'mi').replace(' /mi', '')],
  ['400', '400 m', (pace: number) => formatLap(pace, 400)],
  ['200', '200 m', (pace: number) => formatLap(pace, 200)],
] as const;

/** Both ends of a range as text; one where they read alike; a dash where there is none. */
export function rangeText(range: PaceRange | undefined, text: (pace: number) => string): string {
  if (!range) return '–';
  const [quick, slow] = [text(range.quick), text(range.slow)];
  return quick === slow ? quick : `${quick}–${slow}`;
}

/** Treadmill speeds, the slower first. */
export function speedText(range: PaceRange | undefined, unit: Unit): string {
  if (!range) return '–';
  const [slow, quick] = [formatSpeed(range.slow, unit), formatSpeed(range.quick, unit)];
  return slow === quick ? quick : `${slow.replace(/ .*/, '')}–${quick}`;
}

/** Seconds over or under, signed: `+5 s`, `−1:12`. */
export function signedSeconds(seconds: number): string {
  const rounded = Math.round(seconds);
  if (rounded === 0) return '0 s';
  const size = Math.abs(rounded);
  return `${rounded < 0 ? '−' : '+'}${size < 60 ? `${size} s` : formatDuration(size)}`;
}

/** How a prediction stands to that of the result before, seconds; nothing where there was none. */
export function sinceWords(since: number | undefined): string {
  if (since === undefined) return '';
  return Math.round(since) === 0
    ? wording.asTheResultBeforeItDid
    : wording.againstTheResultBeforeIt(signedSeconds(since));
}
