import { formatDuration, formatPace } from './format.js';
import { type Unit, metresPer } from './measure.js';

/** A lap of the track at a pace in s/km, to tenths under two minutes: 400 m at 240 → `1:36.0`. */
export function formatLap(secondsPerKm: number, metres: number): string {
  const tenths = Math.round((secondsPerKm * metres) / 100);
  const seconds = tenths / 10;
  if (seconds >= 120) return formatDuration(seconds);
  if (seconds < 60) return seconds.toFixed(1);
  const minutes = Math.floor(seconds / 60);
  return `${minutes}:${(seconds - 60 * minutes).toFixed(1).padStart(4, '0')}`;
}

/** What a treadmill is set to: 300 s/km → `12.0 km/h`. */
export function formatSpeed(secondsPerKm: number, unit: Unit): string {
  const perHour = 3_600_000 / secondsPerKm / metresPer(unit);
  return `${perHour.toFixed(1)} ${unit === 'km' ? 'km/h' : 'mph'}`;
}

/** A range of paces, quick end first; one figure where the ends are shown alike. */
export function formatPaceRange(
  { quick, slow }: { quick: number; slow: number },
  unit: Unit,
): string {
  const [first, last] = [formatPace(quick, unit), formatPace(slow, unit)];
  return first === last ? first : `${first.replace(/ .*/, '')}–${last}`;
}
