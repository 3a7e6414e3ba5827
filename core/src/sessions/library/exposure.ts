import type { Progression } from '../../spec/choices/index.js';
import { progressionRules } from '../progressions/progression-rules.js';
import { sessionOf } from '../shorthand/parse-session.js';
import type { Part } from '../shorthand/session.js';

/** The main set of a family's first exposure; undefined where it cannot be read. */
export function firstExposure({ exposures, start }: Progression): readonly Part[] | undefined {
  return sessionOf(exposures?.[0] ?? start)?.parts;
}

/**
 * The main set that follows another: the next line of a family that is written
 * out line by line, else grown by its way.
 *
 * @param exposure the one to come, from 2
 */
export function nextExposure(
  { exposures, way, by }: Progression,
  exposure: number,
  before: readonly Part[],
): readonly Part[] {
  if (!exposures) return progressionRules[way].next(before, by);
  return sessionOf(exposures[exposure - 1] ?? '')?.parts ?? before;
}

/** Exposures after which a family stays as it is. */
export function exposuresIn({ exposures, most }: Progression): number {
  return exposures?.length ?? most;
}

/** A main set with what the family has before and after it. */
export function wholeSet(family: Progression, main: readonly Part[]): readonly Part[] {
  const { before, after } = aroundOf(family);
  return before.length + after.length === 0 ? main : [...before, ...main, ...after];
}

/** The main set of what was handed out whole. */
export function mainSetOf(family: Progression, whole: readonly Part[]): readonly Part[] {
  const { before, after } = aroundOf(family);
  const main = whole.slice(before.length, whole.length - after.length);
  return main.length > 0 ? main : whole;
}

function aroundOf({ before, after }: Progression) {
  return { before: partsOf(before), after: partsOf(after) };
}

function partsOf(text: string | undefined): readonly Part[] {
  return (text !== undefined && sessionOf(text)?.parts) || [];
}
