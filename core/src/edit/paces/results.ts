import { dateWords, formatDuration, formatRace } from '../../base/format/index.js';
import type { PaceModelName, Result } from '../../spec/choices/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { paceModels } from '../../paces/index.js';
import type { Command } from '../index.js';

interface OfWishes {
  spec: ResolvedSpec;
}

/** Adds a result of the athlete; paces change only when the coach re-paces. */
export function addResult({ spec }: OfWishes, result: Result): Command {
  const results = [...spec.athlete.results, result].sort((a, b) => a.date.localeCompare(b.date));
  return athlete(spec, { results }, `Entered ${resultWords(spec, result)}.`);
}

/** Takes the result at `index` out. */
export function removeResult({ spec }: OfWishes, index: number): Command {
  const { results } = spec.athlete;
  const out = results[index];
  const left = results.filter((_, place) => place !== index);
  return athlete(spec, { results: left }, `Removed ${out ? resultWords(spec, out) : 'a result'}.`);
}

/** Chooses how results are made into times for other distances. */
export function choosePaceModel({ spec }: OfWishes, paceModel: PaceModelName): Command {
  return athlete(spec, { paceModel }, `Paces by ${paceModels[paceModel].title.toLowerCase()}.`);
}

/** Sets the highest and resting heart rate, beats a minute. */
export function setHeart(
  { spec }: OfWishes,
  heart: Pick<ResolvedSpec['athlete'], 'maxHeart' | 'restHeart'>,
): Command {
  return athlete(spec, heart, 'Set the heart rates.');
}

function athlete(
  spec: ResolvedSpec,
  part: Partial<ResolvedSpec['athlete']>,
  words: string,
): Command {
  return { change: { athlete: { ...spec.athlete, ...part } }, message: words };
}

function resultWords(
  { athlete: { unit } }: ResolvedSpec,
  { name, distance, time, date }: Result,
): string {
  const what = name ?? formatRace(distance, unit);
  return `${what} in ${formatDuration(time)} on ${dateWords(date)}`;
}
