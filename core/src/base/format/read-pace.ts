import { metresPer, type Unit } from '../index.js';
import { formatPace } from './format.js';
import type { Read } from './read-time.js';
import { readTime } from './read-time.js';

/** Seconds per km that people run at. */
const RUN = { quickest: 120, slowest: 780 } as const;
/** Further than this from what is expected, the other unit may have been meant. */
const FAR = 1.35;
const NEAR = 1.15;

/** `8:00 /mi`, `8:00 per mile`, `8:00 min/mile`: in its own unit. */
const WITH_UNIT = /^(.+?) ?(?:min ?)?(?:\/|per) ?(k|km|mi|miles?)$/i;

/** A pace that was read; `guess` is what may have been meant, offered and never taken by itself. */
export type ReadPace = Read<number> & { guess?: { secondsPerKm: number; words: string } };

/**
 * Reads a pace typed as minutes and seconds in the shown unit.
 *
 * @param expected s/km that would be usual here, to tell a pace in the other unit
 * @returns seconds per km, perhaps with a guess
 * @example readPace('4:00', 'mi').value // 149.1 s/km, with the guess 4:00 /km
 */
export function readPace(text: string, unit: Unit, expected?: number): ReadPace {
  const [, alone = text, written] = WITH_UNIT.exec(text.trim()) ?? [];
  if (written !== undefined) return readPace(alone, /^k/i.test(written) ? 'km' : 'mi');
  const read = readTime(text);
  if (!read.ok) return { ok: false, problem: ofPace(read.problem) };
  const value = (read.value * 1000) / metresPer(unit);
  const other: Unit = unit === 'km' ? 'mi' : 'km';
  const inOther = (read.value * 1000) / metresPer(other);
  const guess = { secondsPerKm: inOther, words: `Did you mean ${formatPace(inOther, other)}?` };
  if (!isRun(value)) {
    const problem = `${formatPace(value, unit)} is not a pace that people run at.`;
    return { ok: false, problem, ...(isRun(inOther) && { guess }) };
  }
  const odd = expected !== undefined && apart(value, expected) > FAR;
  const fits = expected !== undefined && isRun(inOther) && apart(inOther, expected) < NEAR;
  return { ok: true, value, ...(odd && fits && { guess }) };
}

function isRun(secondsPerKm: number): boolean {
  return secondsPerKm >= RUN.quickest && secondsPerKm <= RUN.slowest;
}

/** How many times the one is the other; 1 where they are the same. */
function apart(a: number, b: number): number {
  return Math.max(a, b) / Math.min(a, b);
}

/** What is wrong with a time, said of a pace. */
function ofPace(problem: string): string {
  return problem
    .replace('not a time: type it as 40:30 or 3:15:00', 'not a pace: type it as 4:30')
    .replace('Type the time, as 40:30 or 3:15:00', 'Type the pace, as 4:30');
}
