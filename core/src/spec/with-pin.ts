import type { Pin } from './block-spec.js';

/**
 * Pins with one field of one week set, or taken away when `amount` is
 * undefined; a week without either field has no pin.
 */
export function withPin(
  pins: readonly Pin[],
  week: number,
  field: 'volume' | 'longRun',
  amount: number | undefined,
): Pin[] {
  const old = pins.find((pin) => pin.week === week) ?? { week };
  const pin = { ...old, [field]: amount };
  const others = pins.filter((other) => other.week !== week);
  const kept = pin.volume === undefined && pin.longRun === undefined ? [] : [pin];
  return [...others, ...kept].sort((a, b) => a.week - b.week);
}
