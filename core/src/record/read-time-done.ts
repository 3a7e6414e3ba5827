import { type Read, readRaceTime, readTime } from '../base/format/index.js';
import { SHORTEST_ALONE } from './read-figures.js';

/** `65`: minutes, as whoever ran them counts. */
const MINUTES = /^\d{1,3}$/;

/**
 * Reads how long something took as an athlete types it: `1:02:30`, `65` minutes, and `1:05` of
 * 12 km as an hour and five minutes.
 *
 * @param metres how far was run in it, where it was and that is known
 * @returns seconds
 */
export function readTimeDone(text: string, metres?: number): Read<number> {
  const typed = text.trim();
  if (MINUTES.test(typed)) return readTime(`${typed} min`);
  if (metres !== undefined) return readRaceTime(typed, metres);
  const read = readTime(typed);
  if (!read.ok || read.value >= SHORTEST_ALONE) return read;
  const problem = `“${typed}” would be only a few minutes. An hour and five minutes is 1:05:00 or 65.`;
  return { ok: false, problem };
}
