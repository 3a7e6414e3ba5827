import type { Issue } from '@nadir/core/spec';

/** Deeper than any format of ours; a deeper tree is made to break its reader. */
const MOST_DEPTH = 32;
/** More values than a coach's whole library has. */
const MOST_VALUES = 50_000;

/**
 * What stands against reading a tree of JSON at all, looked at before any
 * schema: how deep it is and how many values it holds. Walked without
 * recursion, so that no depth can break it.
 */
export function problemOfStructure(input: unknown): Issue | undefined {
  let level: unknown[] = [input];
  let values = 0;
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > MOST_DEPTH) return tooMuch('too-deep', `${MOST_DEPTH} levels deep`);
    values += level.length;
    if (values > MOST_VALUES) return tooMuch('too-many', `${MOST_VALUES} values`);
    level = level.flatMap(inside);
  }
  return undefined;
}

function inside(value: unknown): unknown[] {
  return typeof value === 'object' && value !== null ? Object.values(value) : [];
}

function tooMuch(code: string, most: string): Issue {
  return { code, path: [], message: `holds more than anything of ours: ${most} is the most.` };
}
