import type { Measure } from '../../base/index.js';
import { racedAlone } from '../../sessions/index.js';

const NAMED =
  /^(?<name>\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+)*) (?<what>[Hh]alf(?: [Mm]arathon)?|HM|\d+(?:[.,]\d+)? ?(?:km?|mi(?:les?)?)?)$/u;

/** `Gullstone 10k`, `Pier Half`: a race by its name, as it is written here; undefined of anything else. */
export function raceByName(typed: string, { basis, unit }: Measure): string | undefined {
  const { name, what = '' } = NAMED.exec(typed.trim())?.groups ?? {};
  if (name === undefined) return undefined;
  // In a plan of minutes a bare figure is no distance.
  const isBare = /\d$/.test(what);
  if (isBare && basis === 'time') return undefined;
  const race = `${what}${isBare ? ` ${unit}` : ''} race (${name})`;
  return racedAlone(race) && race;
}
