import { clean, type Measure, shownUnit } from '../index.js';

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
  if (!/^\d{1,9}(\.\d{1,9})?$/.test(typed)) return undefined;
  return clean(Number(typed) * shownUnit(measure));
}
