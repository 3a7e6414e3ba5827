import {
  type Measure,
  METRES_PER_MILE,
  metresPer,
  quantum,
  roundedSteps,
  shownUnit,
  type Unit,
  unitName,
} from '../index.js';

/** A count of shown steps as text: 7 steps of 0.5 → `3.5`; whole steps carry no decimals. */
export function formatSteps(steps: number, measure: Measure): string {
  return (steps * measure.step).toFixed(measure.step === 1 ? 0 : 1);
}

/** A canonical amount in the shown unit, rounded to its step: 9000 m → `9`. */
export function formatAmount(amount: number, measure: Measure): string {
  return formatSteps(roundedSteps(amount, quantum(measure)), measure);
}

/** The same with its unit: `9 km`, `54 min`. */
export function formatWithUnit(amount: number, measure: Measure): string {
  return `${formatAmount(amount, measure)} ${unitName(measure)}`;
}

/** An amount with no more decimals than it has tenths: `9 km`, `37.5 mi`, `54 min`. */
export function formatPlain(amount: number, measure: Pick<Measure, 'basis' | 'unit'>): string {
  return `${Number((amount / shownUnit(measure)).toFixed(1))} ${unitName(measure)}`;
}

/** Metres in kilometres or miles, to a tenth, for a column of them: 12 400 m → `12.4`, in miles `7.7`. */
export function formatTenthsOf(metres: number, unit: Unit): string {
  return (metres / metresPer(unit)).toFixed(1);
}

/** A time on the feet, to the minute: 10 800 s → `3 h`, 9000 s → `2 h 30 min`, 2700 s → `45 min`. */
export function formatHours(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** A race's distance, never padded: 42195 m → `42.2 km`, 5000 m → `5 km`, 1500 m → `1500 m`, 1609 m → `1 mile`. */
export function formatRaceDistance(metres: number, unit: Unit): string {
  if (Math.abs(metres - METRES_PER_MILE) < 0.5) return '1 mile';
  if (metres < 5000) return `${metres} m`;
  return `${Number((metres / metresPer(unit)).toFixed(1))} ${unit}`;
}

/** Distances that go by a name in every unit, metres. */
const RACES: readonly (readonly [metres: number, name: string])[] = [
  [5000, '5 km'],
  [10_000, '10 km'],
  [15_000, '15 km'],
  [21_097.5, 'half marathon'],
  [42_195, 'marathon'],
];

/** A race as runners call it: 5000 m → `5 km` by miles too, 42195 m → `marathon`; else its distance. */
export function formatRace(metres: number, unit: Unit): string {
  const known = RACES.find(([each]) => Math.abs(each - metres) < 3);
  return known?.[1] ?? formatRaceDistance(metres, unit);
}

/** Seconds as a clock: 11700 → `3:15:00`, 222 → `3:42`. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(seconds);
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
}

/** Seconds per kilometre as a pace in the shown unit: 335, km → `5:35 /km`. */
export function formatPace(secondsPerKm: number, unit: Unit): string {
  return `${formatDuration((secondsPerKm * metresPer(unit)) / 1000)} /${unit}`;
}

/** A share to a tenth of a per cent: 0.125 → `12.5%`, 0.2 → `20%`. */
export function formatFinePercent(share: number): string {
  return `${Number((share * 100).toFixed(1)) + 0}%`;
}

/** A share as a whole percentage: 0.1 → `10%`. */
export function formatPercent(share: number): string {
  return `${Math.round(share * 100) + 0}%`;
}
