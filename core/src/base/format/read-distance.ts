import { METRES_PER_MILE, type Unit, metresPer } from '../measure.js';
import type { Read } from './read-time.js';

/** Raced distances that are written short: 13.1 miles are a half marathon. Metres. */
const RACED = [1500, 3000, 5000, 10_000, 15_000, 21_097.5, 42_195];
/** As near as this to one of them, that one is meant. */
const NEAR = 0.0025;
/** Nobody runs a race of so few kilometres or miles as this in metres. */
const LEAST_METRES = 100;
/** Races that go by a name. */
const NAMES: ReadonlyMap<string, number> = new Map([
  ...['half', 'halfmarathon', 'hm'].map((name) => [name, 21_097.5] as const),
  ...['marathon', 'fullmarathon'].map((name) => [name, 42_195] as const),
  ['mile', Math.round(METRES_PER_MILE)],
]);
const RANGE = { least: 400, most: 100_000 };

/**
 * Reads a race's distance as it is typed: `10 km`, `10k`, `half marathon`, `3000 m`, or a bare
 * number, which is metres from a hundred on and the shown unit below.
 *
 * @returns metres
 * @example readDistance('13.1', 'mi') // 21097.5, the half marathon
 * @example readDistance('5', 'km') // 5000
 */
export function readDistance(text: string, unit: Unit): Read<number> {
  const named = NAMES.get(text.trim().toLowerCase().replace(/[ -]/g, ''));
  if (named !== undefined) return { ok: true, value: named };
  const found = /^(\d{1,6}(?:[.,]\d{1,4})?)\s*(m|kms?|k|mi|miles?)?$/i.exec(text.trim());
  const number = Number(found?.[1]?.replace(',', '.'));
  if (!found || !Number.isFinite(number)) {
    return {
      ok: false,
      problem: `“${text}” is not a distance: type it as 10 km, 13.1 mi or 3000 m.`,
    };
  }
  const typed = found[2]?.toLowerCase() ?? (number >= LEAST_METRES ? 'm' : unit);
  const metres =
    number * (typed === 'm' ? 1 : typed.startsWith('k') ? metresPer('km') : METRES_PER_MILE);
  if (metres < RANGE.least || metres > RANGE.most) {
    return { ok: false, problem: `“${text}” is not a race from 400 m to 100 km. Check the unit.` };
  }
  return { ok: true, value: RACED.find((each) => isNear(each, metres)) ?? Math.round(metres) };
}

function isNear(raced: number, metres: number): boolean {
  return Math.abs(raced - metres) <= NEAR * raced;
}
