import { METRES_PER_MILE } from '../../base/index.js';
import type { SessionAmount, SessionUnit } from './session.js';

const METRES: Partial<Readonly<Record<SessionUnit, number>>> = {
  m: 1,
  km: 1000,
  mi: METRES_PER_MILE,
};
const SECONDS: Partial<Readonly<Record<SessionUnit, number>>> = { s: 1, min: 60, h: 3600 };

/** What counts of an amount: itself, or the middle of a range. */
function middle(least: number, most: number | undefined): number {
  return most === undefined ? least : (least + most) / 2;
}

/** Metres of a distance; undefined for a time. */
export function metresOf(amount: SessionAmount): number | undefined {
  const each = 'number' in amount ? METRES[amount.unit] : undefined;
  return each === undefined || !('number' in amount)
    ? undefined
    : middle(amount.number, amount.most) * each;
}

/** Seconds of a time; none of a distance. */
export function secondsOf(amount: SessionAmount): number {
  return 'number' in amount
    ? middle(amount.number, amount.most) * (SECONDS[amount.unit] ?? 0)
    : middle(amount.clock, amount.most);
}

/** One of so many equal parts. */
export function partOf(amount: SessionAmount, parts: number): SessionAmount {
  const most = amount.most === undefined ? {} : { most: amount.most / parts };
  return 'number' in amount
    ? { number: amount.number / parts, unit: amount.unit, ...most }
    : { clock: amount.clock / parts, ...most };
}
