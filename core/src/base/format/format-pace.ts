import { metresPer, type Unit } from '../index.js';
import { formatDuration, formatPace } from './format.js';

/** Seconds of a lap as a watch shows it at a pace in s/km: to tenths under two minutes, whole above. */
export function lapSeconds(secondsPerKm: number, metres: number): number {
  const seconds = Math.round((secondsPerKm * metres) / 100) / 10;
  return seconds < 120 ? seconds : Math.round(seconds);
}

/** A lap of the track at a pace in s/km: 400 m at 240 → `1:36.0`, 1000 m → `4:00`. */
export function formatLap(secondsPerKm: number, metres: number): string {
  const seconds = lapSeconds(secondsPerKm, metres);
  return seconds < 120 ? formatTenths(seconds) : formatDuration(seconds);
}

/** Seconds with their tenth: 436.8 → `7:16.8`, 48 → `48.0`. */
export function formatTenths(seconds: number): string {
  const tenths = Math.round(10 * seconds);
  const whole = Math.floor(tenths / 10);
  const end = `.${tenths % 10}`;
  return whole < 60 ? `${whole}${end}` : `${formatDuration(whole)}${end}`;
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
