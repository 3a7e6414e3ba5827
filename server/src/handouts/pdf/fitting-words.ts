import { type HandoutDay, SMALLEST_LETTERS } from '@nadir/core/present/handout';
import type { Ink, Style } from './ink.js';

/** Words of a cell as they are set: their lines, and the size of their letters in points. */
interface SetWords {
  lines: string[];
  size: number;
}

/** Smaller beside the figures than this part of them looks like another table. */
const LEAST_PART = 0.76;

/** The smaller of the two sizes that words are set in beside figures of a size, points. */
export function smallOf(size: number): number {
  return Math.max(LEAST_PART * size, Math.min(size, SMALLEST_LETTERS));
}

/**
 * What a day says in the room it has: all of it, else in two lines, smaller or without
 * its rests, else its role. What has no room is left out whole: nothing is cut.
 */
export function fittingWords(
  ink: Ink,
  { words, role, mark }: Pick<HandoutDay, 'words' | 'role' | 'mark'>,
  { room, height, style, beside }: { room: number; height: number; style: Style; beside: string },
): SetWords {
  const said = role.toLowerCase();
  const full = typeset(words || (mark === 'rest' ? 'rest' : said));
  const small = smallOf(style.size);
  for (const wished of [full + beside, full, withoutRests(full), said]) {
    for (const size of [style.size, small]) {
      const lines = ink.wrapped(wished, room, { ...style, size });
      const fits = lines.length * size * 1.08 <= height && lines.length <= 2;
      if (fits && lines.every((each) => ink.width(each, { ...style, size }) <= room)) {
        return { lines, size };
      }
    }
  }
  return { lines: [], size: style.size };
}

/** As printed: a proper sign of multiplication, and a figure on one line with its unit. */
function typeset(text: string): string {
  return text
    .replace(/(\d) x (?=\d)/g, '$1\u00a0×\u00a0')
    .replace(/(\d) (?=(?:s|min|m|km|mi)\b)/g, '$1\u00a0');
}

/** `6 × 1 km @ 10 km, 90 s jog` → `6 × 1 km @ 10 km`. */
function withoutRests(text: string): string {
  return text
    .split('; ')
    .map((part) => part.replace(/, [^,]*(?:jog|walk|rest|easy|back|stand).*$/, ''))
    .join('; ');
}
