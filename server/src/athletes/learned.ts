import type { AthleteBody, BlockFile } from '@nadir/contract';

type Facts = NonNullable<BlockFile['athlete']>;
type Result = NonNullable<Facts['results']>[number];

/**
 * What a saved block tells of its athlete, kept with the athlete so that no fact
 * is asked for twice: results that came or went, the pace model, heart rates.
 *
 * @param before the athlete as the block had it; undefined for a new block
 */
export function learned(
  facts: AthleteBody,
  before: Facts | undefined,
  after: Facts | undefined,
): AthleteBody {
  if (after === undefined) return facts;
  const had = before?.results ?? [];
  const has = after.results ?? [];
  const gone = had.filter((result) => !has.some(sameAs(result)));
  const kept = (facts.results ?? []).filter((result) => !gone.some(sameAs(result)));
  const come = has.filter((result) => !kept.some(sameAs(result)));
  const results = [...kept, ...come].sort((a, b) => a.date.localeCompare(b.date));
  return {
    ...facts,
    ...(results.length > 0 || facts.results ? { results } : {}),
    ...changed(before, after, 'paceModel'),
    ...changed(before, after, 'maxHeart'),
    ...changed(before, after, 'restHeart'),
  };
}

function changed<K extends keyof Facts>(before: Facts | undefined, after: Facts, key: K) {
  return before?.[key] === after[key] ? {} : { [key]: after[key] };
}

function sameAs(result: Result): (other: Result) => boolean {
  return (other) =>
    other.date === result.date && other.distance === result.distance && other.time === result.time;
}
