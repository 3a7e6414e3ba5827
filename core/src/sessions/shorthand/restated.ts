import { around } from './ways/around.js';
import { hills } from './ways/hills.js';
import { paces } from './ways/paces.js';
import { repetitions } from './ways/repetitions.js';
import { rows } from './ways/rows.js';
import { sets } from './ways/sets.js';
import type { Way } from './ways/way.js';

/** All of them, those that say what a line is made of first. */
const WAYS: readonly Way[] = [...paces, ...rows, ...sets, ...hills, ...repetitions, ...around];

/** A line in the words of this place: all the ways that are in it at once, one by one, and what those come to. */
export function restated(text: string): string[] {
  const ways = WAYS.filter(([way]) => text.search(way) >= 0);
  const rewrite = (line: string, [way, here]: Way) =>
    typeof here === 'string' ? line.replace(way, here) : line.replace(way, here);
  const all = ways.reduce(rewrite, text);
  const each = ways.map((way) => rewrite(text, way));
  // What one way has made plain, another goes on with.
  const further = WAYS.reduce(rewrite, text);
  return [...new Set([all, ...each, further])]
    .map((line) => line.replace(/ +([,)])/g, '$1'))
    .filter((line) => line !== text);
}
