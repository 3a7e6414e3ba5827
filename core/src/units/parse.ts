import { type Measure, shownUnit } from './measure.js';
import { clean } from './round.js';

/**
 * Reads an amount typed in the shown unit. A decimal comma or point is taken;
 * by time, `1:30` is an hour and a half.
 *
 * @returns canonical metres or seconds, or undefined when it is no amount
 * @example parseAmount('12,5', { basis: 'distance', unit: 'km', step: 1 }) // 12500
 */
export function parseAmount(text: string, measure: Measure): number | undefined {
  const typed = text.trim().replace(',', '.');
  const clock = /^(\d{1,2}):([0-5]\d)$/.exec(typed);
  if (clock && measure.basis === 'time') return (Number(clock[1]) * 60 + Number(clock[2])) * 60;
  if (!/^\d+(\.\d+)?$/.test(typed)) return undefined;
  return clean(Number(typed) * shownUnit(measure));
}

/**
 * Reads a finishing time, `h:mm:ss` or `mm:ss`.
 *
 * @returns seconds, or undefined when it is no time
 * @example parseDuration('3:15:00') // 11700
 */
export function parseDuration(text: string): number | undefined {
  const parts = /^(?:(\d{1,2}):)?([0-5]?\d):([0-5]\d)$/.exec(text.trim());
  if (!parts) return undefined;
  return Number(parts[1] ?? 0) * 3600 + Number(parts[2]) * 60 + Number(parts[3]);
}
