import type { Pin } from './block-spec.js';

/**
 * Pins with one field of one week set, or taken away when `amount` is
 * undefined; a week without either field has no pin, and a climb begins anew
 * from a fixed volume alone.
 */
export function withPin(
  pins: readonly Pin[],
  week: number,
  field: 'volume' | 'longRun',
  amount: number | undefined,
): Pin[] {
  const old = pins.find((pin) => pin.week === week) ?? { week };
  const { restart, ...pin }: Pin = { ...old, [field]: amount };
  const anew = restart && pin.volume !== undefined ? { ...pin, restart } : pin;
  const others = pins.filter((other) => other.week !== week);
  const kept = pin.volume === undefined && pin.longRun === undefined ? [] : [anew];
  return [...others, ...kept].sort((a, b) => a.week - b.week);
}
